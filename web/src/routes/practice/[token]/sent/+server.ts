import { DOOR_LIMITS } from '@pond-loop/core/practice';
import { json } from '@sveltejs/kit';
import { DEVICE_COOKIE } from '$lib/server/device-cookie';
import { countNewSender, countSent, tryAgainIn } from '$lib/server/limits';
import { hasSent, LearnerSchema, sendSummary, SendSchema, takeBack } from '$lib/server/practice-doors';
import { readBody, refusal } from '$lib/server/requests';
import type { RequestHandler } from './$types';

const noDoor = 'This leads to no practice any more. What you know stays on this phone.';
const WHY_NOT = {
	closed: 'Your teacher has closed this practice, so nothing was sent. What you know stays on this phone.',
	full: `${DOOR_LIMITS.sent} people have sent something here, which is as much as is kept. Tell your teacher; nothing of yours is lost.`,
} as const;

/** What a learner shows their teacher, in place of what they showed before. */
export const POST: RequestHandler = async ({ params, request, cookies, getClientAddress }) => {
	const body = await readBody(request, SendSchema);
	if ('refused' in body) return body.refused;
	const { learner, summary } = body.value;
	const address = getClientAddress();
	const wait = Math.max(
		await countSent(params.token, cookies.get(DEVICE_COOKIE), address),
		(await hasSent(params.token, learner)) ? 0 : await countNewSender(params.token, address),
	);
	if (wait > 0) {
		const says = `Much was sent from here. What you know stays on this phone. ${tryAgainIn(wait)}`;
		return json({ message: says }, { status: 429, headers: { 'retry-after': String(wait) } });
	}
	const result = await sendSummary(params.token, learner, summary);
	if (result === 'none') return refusal(404, noDoor);
	return result === 'sent' ? json({}) : refusal(403, WHY_NOT[result]);
};

/** Erases it. That there was nothing is as good. */
export const DELETE: RequestHandler = async ({ params, request }) => {
	const body = await readBody(request, LearnerSchema);
	if ('refused' in body) return body.refused;
	return (await takeBack(params.token, body.value.learner)) ? json({}) : refusal(404, noDoor);
};
