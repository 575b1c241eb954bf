/** From where it is seen, in degrees: round the upright, and down from it. */
export const SIDES = {
	front: { title: 'Front', round: 0, down: 90 },
	back: { title: 'Back', round: 180, down: 90 },
	edge: { title: 'Edge', round: 90, down: 90 },
	slant: { title: 'At an angle', round: 32, down: 68 },
	above: { title: 'From above', round: 0, down: 12 },
} as const;
export type SpaceSide = keyof typeof SIDES;
export const SIDE_IDS = Object.keys(SIDES) as SpaceSide[];
