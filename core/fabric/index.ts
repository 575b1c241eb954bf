export { FIBRES, isBrittle, SLIPS, type Fibre } from './fibres.ts';
export {
	ASSUMED_GAUGE,
	cellOf,
	GAUGE_LIMITS,
	GAUGE_OF,
	GAUGE_OF_WORDS,
	gaugeIn,
	type Gauge,
	type GaugeOf,
} from './gauge.ts';
export { learntFrom } from './learnt.ts';
export { castOnForWidth, repeatsForLength, type Neighbours, type RepeatsLong, type RepeatsWide } from './lengths.ts';
export { fabricFromParents, STIFFNESS, type LoopFabric, type LoopRow, type Stiffness } from './lie/loops.ts';
export { PULLS, pullFor, relaxedBy, type HowItLies, type PullFound } from './lie/pull.ts';
export { isShaped, middleRows, spanAcross } from './lie/span.ts';
export { relax, type RelaxOptions, type Relaxed as LiesAcross } from './lie/relax.ts';
export { loopLength, RELAXED, type RelaxedState } from './loop-length.ts';
export { CONTRADICTS, gaugeFrom, stateMeasured, type FromSquares, type MeasuredSquare } from './measured.ts';
export { aboutNeedle, SPARE_CM } from './round-needle.ts';
export {
	FABRIC_STATES,
	ratioOf,
	sizeBefore,
	sizeBy,
	STATE_WORDS,
	type FabricState,
	type Ratio,
	type Size,
	type Square,
} from './states.ts';
export {
	MOST_ROWS_LEND,
	rowsUntil,
	STRAIN_UP_TO,
	STRAIN_VERDICTS,
	isTight,
	rowsAssumed,
	strainOf,
	strainVerdict,
	TENSIONS_OF_HAND,
	type HandTension,
	type Pulled,
	type StrainVerdict,
} from './strain.ts';
export { ballsFor, gramsOf, YARN_FACTORS, yarnMetres, type Balls } from './yarn.ts';
export { median } from './median.ts';
