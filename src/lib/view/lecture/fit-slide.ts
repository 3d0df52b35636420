/** Makes what stands in a slide fit its place: basic columns of tableaux fold to strips, and the type shrinks by steps. */

/** sizes of type, from the wanted one down to the least that is still read */
const SIZES = [1, 0.96, 0.92, 0.88, 0.84, 0.8, 0.75, 0.7, 0.65, 0.6, 0.54, 0.48, 0.42];
/** the least size at which a tableau is read from the last row: it folds before it gets smaller than that */
const READ_FROM_AFAR = 0.88;

const isTooLarge = ({ scrollWidth, clientWidth, scrollHeight, clientHeight }: HTMLElement): boolean =>
	scrollWidth > clientWidth + 1 || scrollHeight > clientHeight + 1;

/** An attachment that puts HTML of the core into a place: texts of the lesson are escaped in it. */
export const withHtml = (content: readonly string[]) => (place: HTMLElement) => {
	const template = document.createElement('template');
	template.innerHTML = content.join('');
	place.replaceChildren(template.content);
};

/** The same, made to fit the place. */
export const fitSlide = (content: readonly string[]) => (place: HTMLElement) => {
	withHtml(content)(place);
	const fit = () => {
		const fits = (size: number, isFolded: boolean) => {
			place.classList.toggle('folded', isFolded);
			place.style.setProperty('--fit', String(size));
			return !isTooLarge(place);
		};
		if (!place.querySelector('.unit')) return void SIZES.some((size) => fits(size, false));
		if (SIZES.some((size) => size >= READ_FROM_AFAR && fits(size, false))) return;
		// where the height is what is lacking, folding gains nothing
		SIZES.some((size) => fits(size, false) || fits(size, true));
	};
	fit();
	// the letters may come later than the page
	void document.fonts?.ready.then(fit);
	const observer = new ResizeObserver(fit);
	observer.observe(place);
	return () => observer.disconnect();
};
