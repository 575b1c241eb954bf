/** When something that pages show was changed last, without reading it. */

export const LESSON = `
	SELECT version, updated_at FROM lessons
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`;

/** A teacher's own crossings, in a few letters that change with any of them. */
export const DESIGNS = `SELECT md5(string_agg(id::text || name || crossing::text, ',' ORDER BY id)) AS designs FROM designs WHERE teacher_id = $1`;

const DESIGNS_OF = (teacher: string): string =>
	`(SELECT md5(string_agg(o.id::text || o.name || o.crossing::text, ',' ORDER BY o.id)) FROM designs o WHERE o.teacher_id = ${teacher}) AS designs`;

/** Of what stands behind a door to practice: its own lesson, or all of the class's teacher. */
export const DOOR = `
	SELECT d.id, d.is_open, d.document, t.name, c.version AS class_version, ${DESIGNS_OF('d.teacher_id')},
		(SELECT count(*)::int FROM evenings e WHERE e.class_id = d.class_id) AS evenings,
		(SELECT max(e.day)::text FROM evenings e WHERE e.class_id = d.class_id) AS last_day,
		(SELECT max(l.updated_at) FROM lessons l WHERE l.id = d.lesson_id OR (d.class_id IS NOT NULL AND l.teacher_id = d.teacher_id)) AS lessons_at,
		(SELECT count(*)::int FROM lessons l WHERE (l.id = d.lesson_id OR l.teacher_id = d.teacher_id) AND l.removed_at IS NULL) AS lessons
	FROM practice_doors d
	JOIN teachers t ON t.id = d.teacher_id
	LEFT JOIN classes c ON c.id = d.class_id
	WHERE d.token = $1`;

/** Of what stands behind a link: who holds it is let in by it. */
export const SHARED = `
	SELECT lessons.id, lessons.version, lessons.updated_at, teachers.name,
		house_styles.version AS style_version, house_styles.updated_at AS style_at, ${DESIGNS_OF('shares.teacher_id')}
	FROM shares
	JOIN lessons ON lessons.id = shares.lesson_id AND lessons.removed_at IS NULL
	JOIN teachers ON teachers.id = shares.teacher_id
	LEFT JOIN house_styles ON house_styles.teacher_id = shares.teacher_id
	WHERE shares.token = $1`;
