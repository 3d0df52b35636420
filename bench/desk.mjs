export async function measureDesk() {}
