// Debian's Chromium, told to stay on this machine.
export const launchOptions = {
	executablePath: '/usr/bin/chromium-headless-shell',
	args: [
		'--no-sandbox',
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync',
	],
};
