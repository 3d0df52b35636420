<script lang="ts">
	import { en } from '$lib/core/language';
	import { titleOf } from '$lib/core/lesson';
	import { useDesk } from '$lib/desk/desk.svelte';
	import { download, downloadBlob, fileName } from '../shared/download';
	import ToolMenu from '../shared/ToolMenu.svelte';
	import type { Look } from './snapshot';

	interface Props {
		/** the picture that is shown */
		picture: () => SVGSVGElement | null;
		/** the steps of the construction as pictures, where there are any */
		steps?: (look: Look) => Promise<{ picture: SVGSVGElement; words: string }[]>;
		/** the same as TikZ in the problem's own coordinates, where it has any */
		coordinates?: () => Promise<string | null>;
		/** what it is a picture of, for the file's name */
		what?: string;
	}
	/** The picture as a file: as it is shown, light, dark, or black on white. */
	let { picture, steps, coordinates, what = 'region' }: Props = $props();
	const { document: lesson, preferences } = useDesk();
	const SLIDES = 1920;
	const PRINT = 3600;
	const NAMES: Record<Look, string> = { light: en`light`, dark: en`dark`, black: en`black on white` };
	const ENDS: Record<Look, string> = { light: '-light', dark: '-dark', black: '-print' };

	interface Choice {
		readonly says: string;
		run(name: (end: string) => string): Promise<void>;
	}
	const shown = $derived<Look>(preferences.dark ? 'dark' : 'light');
	const other = $derived<Look>(preferences.dark ? 'light' : 'dark');

	async function taken(look: Look): Promise<SVGSVGElement | null> {
		const { snapshot } = await import('./snapshot');
		const own = picture();
		return own && snapshot(own, look);
	}
	const svg = (look: Look): Choice => ({
		says: en`SVG, ${NAMES[look]}`,
		run: async (name) => {
			const own = await taken(look);
			if (own)
				download(name(`${ENDS[look]}.svg`), await (await import('./snapshot')).svgText(own), 'image/svg+xml');
		}
	});
	const png = (look: Look, width: number, use: string): Choice => ({
		says: en`PNG for ${use} (${width} pixels wide), ${NAMES[look]}`,
		run: async (name) => {
			const own = await taken(look);
			if (own)
				downloadBlob(name(`${ENDS[look]}-${use}.png`), await (await import('./snapshot')).pngOf(own, width));
		}
	});
	const tikz: Choice = {
		says: en`TikZ for LaTeX, as it is shown`,
		run: async (name) => {
			const own = await taken('light');
			if (own) download(name('.tikz'), (await import('./tikz')).tikzOf(own));
		}
	};
	const edited: Choice = {
		says: en`TikZ for LaTeX, to edit: amounts are its coordinates`,
		run: async (name) => {
			const text = await coordinates!();
			if (text !== null) download(name('-coordinates.tikz'), text);
		}
	};
	const stripOf = (look: Look): Choice => ({
		says: en`Strip of the construction’s steps (SVG), ${NAMES[look]}`,
		run: async (name) => {
			const { strip, svgText } = await import('./snapshot');
			download(
				name(`-steps${ENDS[look]}.svg`),
				await svgText(strip(await steps!(look), look)),
				'image/svg+xml'
			);
		}
	});
	const choices = $derived([
		svg(shown),
		svg(other),
		svg('black'),
		png(shown, SLIDES, 'slides'),
		png('light', PRINT, 'print'),
		png('black', PRINT, 'print'),
		tikz,
		...(coordinates ? [edited] : []),
		...(steps ? [stripOf('light'), stripOf('black')] : [])
	]);
	const name = (end: string) => fileName(titleOf(lesson.lesson), `-${what}${end}`);
</script>

{#snippet item({ says }: Choice)}{says}{/snippet}
<ToolMenu
	text={en`Picture`}
	label={en`The picture as a file`}
	items={choices.map((value) => ({ key: value.says, value }))}
	{item}
	onchoose={(choice) => void choice.run(name)}
/>
