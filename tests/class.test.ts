import { unzipSync } from 'fflate';
import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

/** What reaches the class: lectures on a projector, and what is printed. */

freshVisits();

const PLAN =
	'title "Two goods"\nmax gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18';
/** Waits until a text stands somewhere on the page. */
const see = (text: string) => desk.page.waitForSelector(`::-p-text(${text})`);
const gone = (selector: string) =>
	desk.page.waitForFunction((own) => !document.querySelector(own), {}, selector);
async function find(action: string): Promise<void> {
	await desk.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
	await desk.seek(action);
	await desk.press('Enter');
}
const stepOf = (from: { $eval: typeof desk.page.$eval }) =>
	from.$eval('.stage .step-number', (own) => own.textContent!.trim());

test('a lecture is held by keyboard alone; the speaker’s window follows, also after a reload; an edited statement keeps the script', async () => {
	await desk.write(PLAN);
	await desk.settled();
	await find('Lecture: show the lesson');
	await desk.page.waitForSelector('.script ol button');
	const steps = await desk.page.$$eval('.script ol li', (own) => own.length);
	expect(steps).toBeGreaterThan(15);
	expect(await desk.barriers()).toEqual([]);
	// a question of one's own, right after the first step
	await desk.page.select('.edit select', 'question');
	await see('Question: ');
	await (await desk.button('Start')).focus();
	await desk.press('Enter');
	await desk.page.waitForSelector('.stage');
	expect(await stepOf(desk.page)).toBe(`1 / ${steps + 1}`);
	await desk.press('PageDown');
	await desk.page.waitForSelector('.stage .ask li');
	// nothing tells the answer before it is asked for
	expect(await desk.page.$('.stage .ask li.right')).toBeNull();
	expect(await desk.barriers()).toEqual([]);
	// contrast of 7:1, to be read from the last row
	expect(await desk.barriers(['color-contrast-enhanced'], '.stage')).toEqual([]);

	const speaker = await desk.page.browserContext().newPage();
	await speaker.goto(new URL('/speaker', desk.page.url()).href);
	await speaker.waitForSelector('::-p-text(Slips to expect)');
	await (await speaker.waitForSelector('::-p-text(Tell the answer)'))!.click();
	await desk.page.waitForSelector('.stage .ask li.right');
	await speaker.reload();
	await speaker.waitForSelector('::-p-text(step 2 of)');
	await speaker.keyboard.press('PageDown');
	await desk.page.waitForFunction(() =>
		document.querySelector('.stage .step-number')!.textContent!.trim().startsWith('3 /')
	);
	// the lecture itself comes back where it was
	await desk.page.bringToFront();
	await desk.page.reload();
	await desk.page.waitForFunction(() =>
		document.querySelector('.stage .step-number')?.textContent!.trim().startsWith('3 /')
	);
	await speaker.close();

	for (const key of ['b', 'b', 'p', 'z', 'l', 'PageUp', 'End']) await desk.press(key);
	await desk.page.waitForFunction(
		(last) => document.querySelector('.stage .step-number')!.textContent!.includes(`${last} / ${last}`),
		{},
		steps + 1
	);
	await desk.press('Escape');
	await desk.press('Escape');
	await gone('.stage');

	await desk.turnTo('Overview');
	await desk.write(PLAN.split('\n').slice(0, 4).join('\n'));
	await desk.settled();
	await find('Lecture: show the lesson');
	await see('no longer fits');
});

test('slides leave as pictures in one file, a question also with its answer', async () => {
	await desk.write('title "Two goods"\nmax gain = 3 cups\nshelf: cups <= 4');
	await desk.settled();
	await find('Lecture: show the lesson');
	await desk.page.waitForSelector('.script ol button');
	await desk.page.select('.edit select', 'question');
	await see('Question: ');
	const steps = await desk.page.$$eval('.script ol li', (own) => own.length);
	const { arrived } = await desk.downloads();
	await desk.click('Pictures');
	await see('Picture 1 of');
	expect(await desk.barriers()).toEqual([]);
	const pictures = Object.entries(unzipSync(new Uint8Array(await arrived('Two-goods-slides.zip'))));
	expect(pictures).toHaveLength(steps + 1);
	for (const [, data] of pictures) {
		const header = Buffer.from(data.slice(0, 24));
		expect([header.toString('latin1', 1, 4), header.readUInt32BE(16), header.readUInt32BE(20)]).toEqual([
			'PNG',
			1920,
			1080
		]);
	}
	// the answer is told in the second picture of the question, and only there
	expect(new Set(pictures.map(([, data]) => Buffer.from(data).toString('base64'))).size).toBe(steps + 1);
});

test('a handout is made of the lesson: pages as they are printed, blanks that hold nothing, files', async () => {
	await desk.write(PLAN);
	await desk.settled();
	await find('Ask the class');
	await find('Handout: sheets');
	await desk.page.waitForSelector('.page-of-paper');
	await see('1 page');
	await desk.page.select('.choices select', 'exam');
	await see('Questions');
	await desk.page.waitForFunction(() => document.querySelectorAll('.page-of-paper').length > 1);
	expect(await desk.barriers()).toEqual([]);
	// no part stands outside its page
	const outside = await desk.page.$$eval(
		'.page-of-paper',
		(pages) =>
			pages.flatMap((page) => {
				const box = page.getBoundingClientRect();
				return [...page.querySelectorAll('.page-body *')].filter((own) => {
					const { left, right, top, bottom, width } = own.getBoundingClientRect();
					return width > 0 && (left < box.left || right > box.right || top < box.top || bottom > box.bottom);
				});
			}).length
	);
	expect(outside).toBe(0);
	const pages = await desk.page.$$eval('.page-of-paper', (own) => own.length);
	const pdf = Buffer.from(await desk.page.pdf({ preferCSSPageSize: true })).toString('latin1');
	expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(pages);
	// single numbers are left blank where they are pressed, by keyboard as well
	await desk.page.select('select[data-block="tableaux"]', 'cells');
	const cell = (await desk.page.waitForSelector('[data-cell$="rhs"]:not(.open)'))!;
	const name = await cell.evaluate((own) => (own as HTMLElement).dataset.cell!);
	await cell.focus();
	await desk.press('Enter');
	await desk.page.waitForSelector(`[data-cell="${name}"].open:focus`);
	expect(await desk.barriers()).toEqual([]);
	await desk.press('Enter');
	await desk.page.waitForSelector(`[data-cell="${name}"]:not(.open):focus`);
	// what is kept from the class is left blank where the instructor wants that
	await desk.page.select('.choices select', 'solution');
	await see('The sheet prints what is hidden from the class.');
	await desk.click('Leave it blank');
	await desk.page.waitForFunction(
		() => document.querySelector<HTMLSelectElement>('select[data-block="corners"]')!.value === 'blanks'
	);
	const { arrived } = await desk.downloads();
	// the files come while the pages are made anew
	await desk.page.evaluate(() => {
		const preset = document.querySelector<HTMLSelectElement>('.choices select')!;
		preset.value = 'exam';
		preset.dispatchEvent(new Event('change', { bubbles: true }));
		[...document.querySelectorAll('button')].find((own) => own.innerText === 'LaTeX')!.click();
	});
	await gone('[data-cell]');
	expect((await arrived('Two-goods-exam.tex')).toString()).toContain('\\documentclass');
	expect((await arrived('Two-goods-exam-key.tex')).toString()).toContain('Answers');
});
