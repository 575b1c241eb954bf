/** Says nothing to whoever asks; the front learns from it whose session a cookie is, as from every answer. */
export const GET = (): Response => new Response(null, { status: 204, headers: { 'cache-control': 'no-store' } });
