ALTER TABLE "defects" ADD COLUMN "schools" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
UPDATE "defects" SET "schools" = jsonb_build_object('chase-depth', "chase") WHERE "chase" IS NOT NULL;
--> statement-breakpoint
UPDATE "firms" SET "rules" = CASE WHEN "rules"->>'chase' IN ('shallow', 'deep') THEN jsonb_build_object('schools', jsonb_build_object('chase-depth', "rules"->'chase')) ELSE '{"schools": {}}'::jsonb END WHERE NOT "rules" ? 'schools';
