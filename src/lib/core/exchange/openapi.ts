export const openApi: Record<string, unknown> = {};
