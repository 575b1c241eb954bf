import { readFileSync } from 'node:fs';
import { readSentence } from '/work/main/core/notation/sentence/index.ts';
const d = JSON.parse(readFileSync('/work/shared/vectors/written-sentences.json', 'utf8'));
let ok = 0;
for (const [i, c] of d.entries()) {
	const r = readSentence(c.text); let why = '';
	if (!r.ok) { if (!c.expect.error) why = r.problems[0]!.what; }
	else if (c.expect.error) why = 'READ but must not ' + JSON.stringify(r.value[0]!.crossing.work);
	else { const w = c.expect.ambiguous ?? [c.expect]; if (r.value.length !== w.length) why = `${r.value.length} readings`; else for (const x of w) if (!r.value.some((v) => ['n','order','over','work'].every((k) => JSON.stringify((v.crossing as any)[k]) === JSON.stringify(x[k])))) why = `order ${r.value[0]!.crossing.order} work ${r.value[0]!.crossing.work}`; }
	if (why) console.log(i + 1, why, '|', c.text); else ok++;
}
console.log(ok, d.length);
