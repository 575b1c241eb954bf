/** Text areas as high as what is written in them, for browsers without `field-sizing`. */

const fit = (field: HTMLTextAreaElement): void => {
	field.style.height = 'auto';
	field.style.height = `${field.scrollHeight}px`;
};

/** Does nothing where the browser does it by itself. The answer stops it. */
export function growFields(): () => void {
	if (CSS.supports('field-sizing', 'content')) return () => undefined;
	const all = (): void => document.querySelectorAll<HTMLTextAreaElement>('textarea.grown').forEach(fit);
	const onInput = ({ target }: Event): void => {
		if (target instanceof HTMLTextAreaElement && target.matches('.grown')) fit(target);
	};
	const seen = new MutationObserver(all);
	seen.observe(document.body, { childList: true, subtree: true });
	document.addEventListener('input', onInput);
	addEventListener('resize', all);
	all();
	return () => {
		seen.disconnect();
		document.removeEventListener('input', onInput);
		removeEventListener('resize', all);
	};
}
