import Bowser from 'bowser';

const LONGEST = 60;

/** What a teacher would call the browser that a request came from, such as "Firefox on Linux". */
export function browserName(userAgent: string | null): string {
	// Longer ones are nobody's, and the parser need not look at them.
	if (!userAgent || userAgent.length > 500) return 'An unknown browser';
	const { browser, os } = Bowser.parse(userAgent);
	const name = browser.name || 'A browser';
	return (os.name ? `${name} on ${os.name}` : name).slice(0, LONGEST);
}
