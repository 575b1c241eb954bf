/** One link for each lesson; asking for it again gives the same one. Nothing when the lesson is not this teacher's. */
export const MAKE = `
	INSERT INTO shares (teacher_id, lesson_id, token)
	SELECT $1, id, $3 FROM lessons WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
	ON CONFLICT (lesson_id) DO UPDATE SET token = shares.token
	RETURNING token`;

export const OF_LESSON = `SELECT token FROM shares WHERE teacher_id = $1 AND lesson_id = $2`;

export const OF_TEACHER = `SELECT lesson_id, token, created_at FROM shares WHERE teacher_id = $1 ORDER BY created_at, token`;

export const WITHDRAW = `DELETE FROM shares WHERE teacher_id = $1 AND lesson_id = $2 RETURNING token`;

/** The only query without a teacher: who holds the link is let in by it, to this one lesson. */
export const READ = `
	SELECT lessons.document, teachers.id, teachers.name, house_styles.document AS style
	FROM shares
	JOIN lessons ON lessons.id = shares.lesson_id AND lessons.removed_at IS NULL
	JOIN teachers ON teachers.id = shares.teacher_id
	LEFT JOIN house_styles ON house_styles.teacher_id = shares.teacher_id
	WHERE shares.token = $1`;
