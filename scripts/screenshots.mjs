// Makes docs/screenshots/*.png from the demo lesson; `npm run build` first.
import { deflateRawSync } from 'node:zlib';
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

const ORDERS = `title "Orders for the fair"
max profit [thalers] = 30 bowls + 45 vases
clay [kg]: 5/2 bowls + 4 vases ≤ 100
order [dozen]: bowls + vases ≥ 12
sets: bowls - vases = 2
bowls [dozen] from 0
vases [dozen] from 0`;

const DIET = `title "Glaze from what is in store"
min cost [thalers] = 2 ash + 3 feldspar
silica [kg]: ash + feldspar ≥ 4
flux [kg]: ash + 3 feldspar ≥ 6
store [kg]: ash ≤ 9`;

const EDGE = `title "Two plans as good"
max profit [thalers] = 40 bowls + 20 vases
clay [kg]: 2 bowls + vases ≤ 80
kiln [hours]: bowls + vases ≤ 60
wheel [hours]: bowls ≤ 30`;

const LOADS = `title "Whole kiln loads"
max profit [thalers] = 5 bowls + 8 vases
shelves [places]: bowls + vases ≤ 6
firing [hours]: 5 bowls + 9 vases ≤ 45
bowls, vases integer`;

const THREE = `title "Bowls, vases and jugs"
max profit [thalers] = 5 bowls + 4 vases + 6 jugs
clay [kg]: 2 bowls + 3 vases + 4 jugs ≤ 60
kiln [hours]: 4 bowls + vases + 2 jugs ≤ 64
glaze [l]: bowls + 2 vases + jugs ≤ 28`;

const server = await serve();
const browser = await launch();
const rest = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Does one thing on the page: presses a key, clicks a button or an element, or chooses from a menu. */
async function act(page, step) {
	if (step.key) await page.keyboard.press(step.key);
	else if (step.choose) {
		const [menu, item] = step.choose;
		await page.locator(`aria/${menu}[role="button"]`).click();
		await rest(600);
		await page.locator(`::-p-text(${item})`).click();
	} else if (step.type) {
		await page.locator(`input[aria-label="${step.type[0]}"]`).click();
		await page.keyboard.type(step.type[1]);
		await page.keyboard.press('Tab');
	} else if (step.select) await page.select(...step.select);
	else if (step.write) await page.keyboard.sendCharacter(step.write);
	else await page.locator(step.click).click();
	await rest(900);
}

/** A page of the application in a browser of its own, with a lesson and what is done with it. */
async function opened({ size = [1280, 800], path = '/', text, fragment, steps = [] }) {
	const context = await browser.createBrowserContext();
	const page = await context.newPage();
	await page.setViewport({ width: size[0], height: size[1] });
	await page.goto(fragment ? server.url + path + fragment : server.url);
	if (!fragment) await page.waitForSelector('.cm-content');
	if (text !== undefined) {
		// a lesson of its own, without the demo's story
		await page.locator('header a[href="/lessons"]').click();
		await page.locator('aria/New lesson[role="button"]').click();
		// it opens where a problem is written
		await page.waitForSelector('[aria-label="Empty technology table"]');
		await pasteStatement(page, text);
		await rest(500);
		await page.evaluate(() => {
			document.activeElement.blur();
			document.querySelector('.cm-scroller').scrollTop = 0;
		});
	}
	if (text !== undefined && path !== '/problem') await page.locator(`header a[href="${path}"]`).click();
	else if (text === undefined && path !== '/' && !fragment)
		await page.locator(`header a[href="${path}"]`).click();
	await rest(500);
	for (const step of steps) await act(page, step);
	await page.mouse.move(640, 20);
	await rest(900);
	return { page, close: () => context.close() };
}

const fileOf = (name) => join(ROOT, 'docs/screenshots', `${name}.png`);

async function shot(name, what) {
	const { page, close } = await opened(what);
	await page.screenshot({ path: fileOf(name) });
	await close();
}

/** Pages of handouts beside each other, each of a problem and a preset, the first that holds an element. */
async function pagesShot(name, wanted) {
	const pictures = [];
	for (const { text, preset, holds } of wanted) {
		const { page, close } = await opened({
			// tall enough that no page is cut off
			size: [1280, 8000],
			text,
			steps: [...action('Handout: sheets'), { select: ['.choices select', preset] }]
		});
		await rest(2500);
		const paper = await page.$(`.page-of-paper:has(${holds})`);
		pictures.push(await paper.screenshot({ encoding: 'base64' }));
		await close();
	}
	const page = await browser.newPage();
	await page.setViewport({ width: 1280, height: 590 });
	const images = pictures.map((data) => `<img src="data:image/png;base64,${data}" style="width: 32%">`);
	await page.setContent(
		`<body style="margin: 8px; display: flex; justify-content: space-between; align-items: start; background: #ddd">${images.join('')}</body>`
	);
	await rest(500);
	await page.screenshot({ path: fileOf(name), fullPage: true });
	await page.close();
}

const next = { key: 'n' };
/** an action by its words */
const action = (words) => [{ key: 'Escape' }, { key: '/' }, { write: words }, { key: 'Enter' }];
/** an exercise as its link carries it */
const exercise =
	'#exercise=' +
	deflateRawSync(
		JSON.stringify({
			format: 'mathesis-exercise',
			version: 1,
			title: 'A week at the pottery',
			statement:
				'max profit [thalers] = 30 bowls + 45 vases\nclay [kg]: 5/2 bowls + 4 vases <= 100\nwheel [hours]: 2 bowls + 3/2 vases <= 63\nkiln: bowls + 4 vases <= 88',
			story: 'The co-operative fires bowls and vases, all counted in dozens.',
			method: 'auto',
			rule: 'dantzig',
			kinds: ['leaving'],
			count: 10,
			seed: 1,
			hints: 3,
			atOnce: true,
			waits: true
		})
	).toString('base64url');
/** a sample, by its title */
const sampleOf = (title) => ({
	click: `::-p-xpath(//button[contains(@class, 'sample')][contains(., '${title}')])`
});
/** the way to an integer plan that is looked at */
const way = (words) => ({
	click: `::-p-xpath(//*[contains(@class, 'choose-item')][contains(., '${words}')])`
});

try {
	await shot('overview', { steps: [next, next, { key: 'g' }] });
	await shot('overview-dark-1024', {
		size: [1024, 768],
		steps: [next, { key: 'b' }, { click: 'button[title^="Pivot: bowls in, s2 out"]' }, { key: 'd' }]
	});
	await shot('problem', {
		path: '/problem',
		steps: [{ type: ['Amount of bowls', '26'] }, { type: ['Amount of vases', '11'] }, { click: 'aria/Keep' }]
	});
	await shot('problem-eight-by-eight', {
		path: '/problem',
		text: CROWDED,
		steps: [{ type: ['Amount of tiles_floor', '95/2'] }]
	});
	await shot('region', { path: '/region', steps: [{ click: 'aria/Show values' }] });
	await shot('lecture', {
		steps: [
			...action('Lecture: show'),
			{ click: 'aria/Start[role="button"]' },
			...Array.from({ length: 12 }, () => ({ key: 'PageDown' }))
		]
	});
	await shot('handout', {
		steps: [...action('Handout: sheets'), { select: ['.choices select', 'solution'] }, { click: '.preview' }]
	});
	await shot('region-solid', {
		path: '/region',
		text: THREE,
		steps: [next, next, { click: 'aria/Show values' }]
	});
	await shot('notation', {
		path: '/simplex',
		text: DIET,
		steps: [{ choose: ['Start', 'two phases'] }, { click: 'aria/Notation' }]
	});
	await shot('answer', { path: '/simplex', text: EDGE, steps: [{ key: 'g' }] });
	await shot('lessons', {
		path: '/lessons',
		text: ORDERS,
		steps: [
			sampleOf('Two plans as good'),
			{ key: 'l' },
			sampleOf('Whole kiln loads'),
			{ key: 'l' },
			sampleOf('Firing the orders at least cost'),
			{ key: 'l' }
		]
	});
	await shot('sensitivity', {
		path: '/sensitivity',
		steps: [{ click: 'aria/Amount of wheel: 63' }]
	});
	await shot('map', { path: '/sensitivity', steps: [way('Two at once'), { click: 'aria/100 % rule' }] });
	await shot('design', { path: '/design', steps: [{ click: 'aria/Search' }, { key: 'Escape' }] });
	await pagesShot('pages', [
		{ text: THREE, preset: 'exam', holds: 'h1' },
		{ text: DIET, preset: 'blank', holds: 'h1' },
		{ text: LOADS, preset: 'solution', holds: '.tree' }
	]);
	await shot('dual', {
		path: '/sensitivity',
		steps: [way('The dual, written'), { click: 'aria/Whole[role="button"]' }]
	});
	await shot('tree', {
		path: '/integers',
		text: LOADS,
		steps: [way('Branch and bound'), ...Array.from({ length: 4 }, () => ({ key: 'x' }))]
	});
	await shot('practice', {
		path: '/practice',
		fragment: exercise,
		steps: [
			{ click: 'aria/Row s1[role="button"]' },
			{ click: 'aria/Check[role="button"]' },
			{ click: 'aria/Show where this leads[role="button"]' }
		]
	});
	await shot('phone', { size: [390, 844], steps: [{ click: 'aria/Tableau[role="tab"]' }] });
} finally {
	await browser.close();
	server.stop();
}
