import { parser } from '../core/notation/rows/rows.parser.js';
const t = `Cast on 14 sts
# a comment
Row 1 (RS): p3, k8, p3
Rows 2 and 4 (WS): knit the knits and purl the purls.
Rows 3, 7 and 11: p3, C8F, p3
Row 2 and all WS rows: *k2, p4; rep from * to last 2 sts, k2
[p2, k2] 4 times, (p2, k2) x4, 2/1 LPC, k1 tbl
rep rows 1-8 twice more
C4F: sl 2 sts to cn and hold in front, k2, k2 from cn
K2, (p2, k2
Rnd 3: *C4F, p2; rep from * around
*p2, k2; rep from *
p3, k8, p3
Bind off all sts.
Worked flat`;
const tree = parser.parse(t);
tree.iterate({ enter(n) { if (n.node.firstChild === null || n.type.isError) console.log(n.name, JSON.stringify(t.slice(n.from, n.to)), n.type.isError ? 'ERR' : ''); } });
