// Says so where the application cannot load its scripts, as when a newer build has replaced them, and offers to load the page again.
// A plain file of its own, since the application's own scripts are what is missing.
(() => {
	const ID = 'cannot-load';
	const say = () => {
		if (document.getElementById(ID)) return;
		const notice = document.createElement('div');
		notice.id = ID;
		notice.setAttribute('role', 'alert');
		notice.style.cssText =
			'position:fixed;z-index:1000;inset:auto 0 0;padding:1rem 1.5rem;background:#fbf7ef;color:#231f1a;border-top:3px solid #9a3412;font:1rem/1.5 Georgia,serif';
		const text = document.createElement('p');
		text.style.margin = '0 0 0.5rem';
		text.textContent =
			'A part of this page could not be loaded. The application may have been updated, or the connection was lost. Your lesson is kept in this browser.';
		const again = document.createElement('button');
		again.type = 'button';
		again.textContent = 'Reload the page';
		again.style.cssText =
			'padding:0.4rem 1rem;border:1px solid currentColor;border-radius:4px;cursor:pointer';
		again.addEventListener('click', () => location.reload());
		notice.append(text, again);
		document.body.append(notice);
		again.focus();
	};
	const whenThere = () =>
		document.body ? say() : document.addEventListener('DOMContentLoaded', say, { once: true });
	addEventListener(
		'error',
		({ target }) => {
			if (target instanceof HTMLScriptElement || target instanceof HTMLLinkElement) whenThere();
		},
		true
	);
	addEventListener('unhandledrejection', ({ reason }) => {
		if (/dynamically imported module|importing a module script|preload CSS/i.test(String(reason?.message)))
			whenThere();
	});
})();
