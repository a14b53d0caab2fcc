ALTER TABLE "jobs" ADD COLUMN "crew" jsonb;--> statement-breakpoint
UPDATE "jobs" SET "crew" = (SELECT jsonb_agg(jsonb_build_object('id', 'person-' || n, 'name', '', 'skills', '[]'::jsonb) ORDER BY n) FROM generate_series(1, "people") AS n);--> statement-breakpoint
ALTER TABLE "jobs" ALTER COLUMN "crew" SET NOT NULL;
