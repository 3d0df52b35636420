// Makes docs/screenshots/*.png from the demo lesson; `npm run build` first.
import { join } from 'node:path';
import { launch, pasteStatement, serve } from './browser.mjs';
import { ROOT } from './prepare.mjs';

const CROWDED = `title "The whole catalogue"
max contribution [thalers] = 1234/7 bowls_large + 2.345 bowls_small + 17 vases_tall + 19/3 vases_round + 23 tiles_floor + 5 tiles_wall + 11/13 lids + 7 saucers
clay_store [kg]: 17/3 bowls_large + 2 bowls_small + 3 vases_tall + 5 vases_round + tiles_floor + 2 tiles_wall + 3/11 lids + saucers ≤ 1000
glaze_room [l]: 1/7 bowls_large + 2/13 bowls_small + 3/17 vases_tall + vases_round + 4 tiles_floor + lids + saucers ≤ 333.33
wheel_hours: bowls_large + bowls_small + vases_tall + 2 vases_round ≤ 480
kiln_hours: 3 bowls_large + 1.5 bowls_small + 9/4 vases_tall + vases_round + tiles_floor + tiles_wall + lids + saucers ≤ 777
shelf_front: bowls_large + vases_tall + tiles_floor ≤ 90
shelf_back: bowls_small + vases_round + tiles_wall ≤ 70
drying_racks: tiles_floor + 2 tiles_wall + lids + saucers ≤ 123
packing_boxes: bowls_large + bowls_small + vases_tall + vases_round + tiles_floor + tiles_wall + lids + saucers ≤ 250`;

const BRANCHED = ['Next', 'Next', 'To the end'];

const server = await serve();
const browser = await launch();
const rest = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

async function shot(name, { size = [1280, 800], text, clicks = [] }) {
	const context = await browser.createBrowserContext();
	const page = await context.newPage();
	await page.setViewport({ width: size[0], height: size[1] });
	await page.goto(server.url);
	await page.waitForSelector('.cm-content');
	if (text !== undefined) {
		await pasteStatement(page, text);
		await rest(400);
		await page.evaluate(() => {
			document.activeElement.blur();
			document.querySelector('.cm-scroller').scrollTop = 0;
		});
	}
	for (const label of clicks) {
		await page
			.locator(label.startsWith('.') || label.startsWith('button') ? label : `aria/${label}[role="button"]`)
			.click();
		await rest(1000);
	}
	await page.mouse.move(640, 20);
	await rest(900);
	await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
	await context.close();
}

try {
	await shot('desk', { clicks: BRANCHED });
	await shot('desk-dark-1024', {
		size: [1024, 768],
		clicks: ['Next', 'Back', 'button[title="Pivot: bowls in, s2 out"]', 'Dark']
	});
	await shot('wrong-pivot', { clicks: ['button[title="Pivot: vases in, s1 out"]'] });
	await shot('wrong-statement', {
		text: 'title "Spring firing"\nmax profit [thalers] = 30 bowls + 45 vases\nclay [kg]: 5/2 bowls + 4 vases < 100\nwheel [hours]: 2 bowls + 3/2 vase ≤ 63 +\nkiln [hours]: bowls * vases ≤ 88'
	});
	await shot('eight-by-eight', { text: CROWDED, clicks: ['Next'] });
} finally {
	await browser.close();
	server.stop();
}
