/** Doors to practice, of a lesson or of a class, and what was sent through them. */

/** What a door leads to, and its column. */
export const DOORS_OF = ['lessons', 'classes'] as const;
export type DoorOf = (typeof DOORS_OF)[number];
const COLUMN: Readonly<Record<DoorOf, string>> = { lessons: 'lesson_id', classes: 'class_id' };
const IS_THERE: Readonly<Record<DoorOf, string>> = { lessons: 'removed_at IS NULL', classes: 'true' };

/** Opens a door, or changes what is asked behind it; the token stays. Nothing where it leads to nothing of this teacher's. */
export const open = (of: DoorOf): string => `
	INSERT INTO practice_doors (id, teacher_id, ${COLUMN[of]}, token, document)
	SELECT $3, $1, id, $4, $5 FROM ${of} WHERE teacher_id = $1 AND id = $2 AND ${IS_THERE[of]}
	ON CONFLICT (${COLUMN[of]}) DO UPDATE SET document = $5, is_open = true
	RETURNING token`;

export const close = (of: DoorOf): string =>
	`UPDATE practice_doors SET is_open = false WHERE teacher_id = $1 AND ${COLUMN[of]} = $2 RETURNING token`;

export const door = (of: DoorOf): string =>
	`SELECT id, token, is_open, document FROM practice_doors WHERE teacher_id = $1 AND ${COLUMN[of]} = $2`;

/** By when they came in, the last one first. */
export const sent = (of: DoorOf): string => `
	SELECT s.learner_id, s.summary, s.sent_at
	FROM practice_sent s JOIN practice_doors d ON d.id = s.door_id
	WHERE s.teacher_id = $1 AND d.${COLUMN[of]} = $2
	ORDER BY s.sent_at DESC, s.learner_id`;

export const eraseSent = (of: DoorOf): string => `
	DELETE FROM practice_sent s USING practice_doors d
	WHERE d.id = s.door_id AND s.teacher_id = $1 AND d.${COLUMN[of]} = $2 AND s.learner_id = $3
	RETURNING s.learner_id`;

export const eraseAllSent = (of: DoorOf): string => `
	DELETE FROM practice_sent s USING practice_doors d
	WHERE d.id = s.door_id AND s.teacher_id = $1 AND d.${COLUMN[of]} = $2
	RETURNING s.learner_id`;

export const renew = (of: DoorOf): string =>
	`UPDATE practice_doors SET token = $3, is_open = true WHERE teacher_id = $1 AND ${COLUMN[of]} = $2 RETURNING token`;

export const HAS_SENT = `
	SELECT 1 FROM practice_sent s JOIN practice_doors d ON d.id = s.door_id WHERE d.token = $1 AND s.learner_id = $2`;

/** All that came under some names, capitals aside: through the door of a class, and those of the lessons of its evenings. */
export const ERASE_SENT_AS = `
	DELETE FROM practice_sent s USING practice_doors d
	WHERE d.id = s.door_id AND s.teacher_id = $1
		AND (d.class_id = $2 OR d.lesson_id::text IN (
			SELECT document ->> 'lesson' FROM evenings WHERE teacher_id = $1 AND class_id = $2))
		AND lower(s.summary ->> 'name') IN (SELECT lower(name) FROM unnest($3::text[]) AS name)
	RETURNING s.learner_id`;

export const ALL_OF_TEACHER = {
	doors: `SELECT id, lesson_id, class_id, token, is_open, document FROM practice_doors WHERE teacher_id = $1 ORDER BY created_at, id`,
	sent: `SELECT door_id, summary, sent_at FROM practice_sent WHERE teacher_id = $1 ORDER BY sent_at, learner_id`,
} as const;

/** Without a teacher: who holds the link is let in by it, while it is open, to this one door. */
export const READ = `
	SELECT d.id, d.is_open, d.document, d.class_id, t.id AS teacher_id, t.name AS teacher,
		l.document AS lesson, c.document AS class
	FROM practice_doors d
	JOIN teachers t ON t.id = d.teacher_id
	LEFT JOIN lessons l ON l.id = d.lesson_id AND l.removed_at IS NULL
	LEFT JOIN classes c ON c.id = d.class_id
	WHERE d.token = $1`;

/** Lessons of a class's last evenings, the last one first; each once. */
export const LESSONS_OF_CLASS = `
	SELECT l.document
	FROM (
		SELECT document ->> 'lesson' AS lesson, max(day) AS day
		FROM evenings WHERE class_id = $1 AND document ->> 'lesson' IS NOT NULL
		GROUP BY 1 ORDER BY 2 DESC LIMIT $3
	) e
	JOIN lessons l ON l.id = e.lesson::uuid AND l.teacher_id = $2 AND l.removed_at IS NULL
	ORDER BY e.day DESC`;

/** Nothing where the door is closed, or has as many as are kept and this is a new one. */
export const SEND = `
	INSERT INTO practice_sent (door_id, learner_id, teacher_id, summary)
	SELECT d.id, $2, d.teacher_id, $3
	FROM practice_doors d
	WHERE d.token = $1 AND d.is_open
		AND ((SELECT count(*) FROM practice_sent WHERE door_id = d.id) < $4
			OR EXISTS (SELECT 1 FROM practice_sent WHERE door_id = d.id AND learner_id = $2))
	ON CONFLICT (door_id, learner_id) DO UPDATE SET summary = $3, sent_at = now()
	RETURNING learner_id`;

/** Erased even where the door is closed meanwhile. */
export const TAKE_BACK = `
	DELETE FROM practice_sent s USING practice_doors d
	WHERE d.id = s.door_id AND d.token = $1 AND s.learner_id = $2
	RETURNING s.learner_id`;
