/** Rows of yarn as curves in space, through the points that the model gives. */

import type { YarnRow } from '@pond-loop/core/drawing';
import { CatmullRomCurve3, Vector3 } from 'three';

/** A curve whose tube has its pieces between the points, however far apart those are: each piece has its stitch. */
class ByPoints extends CatmullRomCurve3 {
	override getPointAt(u: number, target?: Vector3): Vector3 {
		return this.getPoint(u, target);
	}
	override getTangentAt(u: number, target?: Vector3): Vector3 {
		return this.getTangent(u, target);
	}
}

/** What is drawn is this curve, and what is measured as well. */
export const curveOf = ({ points }: Pick<YarnRow, 'points'>): CatmullRomCurve3 =>
	new ByPoints(
		points.map(({ x, y, z }) => new Vector3(x, y, z)),
		false,
		'centripetal',
	);
