import { describe, expect, it } from 'vitest';
import { placesFor } from './places';

const first = (text: string): string | undefined => placesFor(text)[0]?.href;

describe('what an everyday word leads to', () => {
	it.each([
		['cable needle', '/stage?name=C4F'],
		['without a cable needle', 'way=pinch'],
		['no cable needle', 'way=pinch'],
		['rope', '/'],
		['plait', '/swatches/new'],
		['braid', '/swatches/new'],
		['honeycomb', '/swatches/new'],
		['diamond', '/swatches/new'],
		['travelling', '/swatches/new'],
		['traveling', '/swatches/new'],
		['left-handed', '/style#style-hands'],
		['mistake', '/wrong'],
		['my cable leans the wrong way', '/wrong?seen=leans-wrong'],
		['dropped stitch', '/wrong?seen=ladder'],
		['hole', '/wrong?seen=hole'],
		['gap', '/wrong?seen=hole'],
		['too tight', '/wrong?seen=tight'],
		['twisted stitch', '/wrong?seen=twisted'],
		['row counter', '/swatches'],
		['where am I', '/swatches'],
		['tension', '/yarns'],
		['gauge', '/yarns'],
		['how wide', '/swatches'],
		['yarn', '/yarns'],
		['handout', '/lessons'],
		['print', '/lessons'],
		['homework', '/practice'],
		['loom', 'craft=loom'],
		['machine', 'craft=machine'],
		['brioche', 'craft=brioche'],
		['double knitting', 'craft=double-knit'],
		['abbreviations', '/style#style-names'],
		['RS', '/words#RS'],
		['cn', '/stage?name=C4F'],
		['tbl', '/words#tbl'],
		['film', '/stage?name=C4F'],
		['compare', '/crossings/crafts'],
		['offline', '/classes'],
		['work it live', '/stage/own'],
		['crossings of my own', '/crossings/design'],
		['plan of pegs', 'craft=loom'],
		['materials', '/lessons'],
		['inches', '/style#style-sizes'],
		['download my data', '/account'],
	])('%s', (text, href) => {
		expect(
			placesFor(text)
				.map((p) => p.href)
				.join(' '),
			text,
		).toContain(href);
		expect(first(text), text).toBeDefined();
	});

	it('also misspelt, and nothing for what is nothing', () => {
		expect(first('tenshion')).toBe(first('tension'));
		expect(first('honycomb')).toBe(first('honeycomb'));
		expect(placesFor('xqzw')).toEqual([]);
	});

	it('puts the fix of a wrong lean first', () => {
		expect(first('leans the wrong way')).toBe('/wrong?seen=leans-wrong');
		expect(first('without a cable needle')).toContain('way=pinch');
	});
});
