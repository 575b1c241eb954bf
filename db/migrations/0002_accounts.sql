-- Up Migration

-- A teacher without a password is the demo's; nobody signs in as one by name.
ALTER TABLE teachers
	ADD COLUMN sign_in_name text UNIQUE CHECK (length(sign_in_name) BETWEEN 3 AND 80),
	ADD COLUMN password_hash text,
	ADD CONSTRAINT name_and_password_together CHECK ((sign_in_name IS NULL) = (password_hash IS NULL));

-- The browser holds the token, the database only its hash.
CREATE TABLE sessions (
	id uuid PRIMARY KEY DEFAULT gen_random_uuid(),
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	token_hash bytea NOT NULL UNIQUE,
	browser text NOT NULL CHECK (length(browser) <= 120),
	started_at timestamptz NOT NULL DEFAULT now(),
	seen_at timestamptz NOT NULL DEFAULT now(),
	expires_at timestamptz NOT NULL
);

CREATE INDEX sessions_of_teacher ON sessions (teacher_id);
CREATE INDEX sessions_by_end ON sessions (expires_at);

CREATE TABLE recovery_codes (
	teacher_id uuid NOT NULL REFERENCES teachers (id) ON DELETE CASCADE,
	code_hash bytea NOT NULL,
	used_at timestamptz,
	PRIMARY KEY (teacher_id, code_hash)
);

CREATE TABLE house_styles (
	teacher_id uuid PRIMARY KEY REFERENCES teachers (id) ON DELETE CASCADE,
	document jsonb NOT NULL,
	version integer NOT NULL DEFAULT 1 CHECK (version >= 1),
	updated_at timestamptz NOT NULL DEFAULT now()
);

-- Counted tries, shared by all server processes. The columns are those that the limiter asks for.
CREATE TABLE rate_limits (
	key varchar(255) PRIMARY KEY,
	points integer NOT NULL DEFAULT 0,
	expire bigint
);

-- Down Migration

DROP TABLE rate_limits;
DROP TABLE house_styles;
DROP TABLE recovery_codes;
DROP TABLE sessions;
ALTER TABLE teachers
	DROP CONSTRAINT name_and_password_together,
	DROP COLUMN password_hash,
	DROP COLUMN sign_in_name;
