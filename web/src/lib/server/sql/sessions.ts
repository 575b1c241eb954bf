/** Found by the hash of the token that the browser holds; with all that a request needs to know of its teacher. */
export const BY_TOKEN = `
	SELECT s.id, s.teacher_id, s.seen_at < now() - $2::interval AS stale,
		t.name, h.document AS style, coalesce(h.version, 0) AS style_version
	FROM sessions s
	JOIN teachers t ON t.id = s.teacher_id
	LEFT JOIN house_styles h ON h.teacher_id = s.teacher_id
	WHERE s.token_hash = $1 AND s.expires_at > now()`;

export const INSERT = `
	INSERT INTO sessions (teacher_id, token_hash, browser, expires_at)
	VALUES ($1, $2, $3, now() + $4::interval)
	RETURNING id`;

/** Used again: it lives on, but never longer than its whole life. */
export const TOUCH = `
	UPDATE sessions SET seen_at = now(), expires_at = least(now() + $3::interval, started_at + $4::interval)
	WHERE teacher_id = $1 AND id = $2`;

export const LIST = `
	SELECT id, browser, started_at, seen_at
	FROM sessions
	WHERE teacher_id = $1 AND expires_at > now()
	ORDER BY seen_at DESC, id`;

export const END = `DELETE FROM sessions WHERE teacher_id = $1 AND id = $2`;

export const END_OTHERS = `DELETE FROM sessions WHERE teacher_id = $1 AND id IS DISTINCT FROM $2::uuid`;

export const SWEEP = `
	DELETE FROM sessions
	WHERE teacher_id = $1 AND id IN (
		SELECT id FROM sessions WHERE teacher_id = $1 ORDER BY seen_at DESC, id OFFSET $2
	)`;

export const CLEAR_EXPIRED = `DELETE FROM sessions WHERE expires_at <= now()`;
