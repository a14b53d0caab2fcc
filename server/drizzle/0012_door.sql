ALTER TABLE "sign_in_failures" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DROP TABLE "sign_in_failures" CASCADE;--> statement-breakpoint
ALTER TABLE "accounts" DROP CONSTRAINT "accounts_login";--> statement-breakpoint
-- names that differ only in their capitals are one name from now on: the younger account gets a part of its id behind it
UPDATE "accounts" a SET "login" = a."login" || '.' || left(a."id"::text, 4)
WHERE EXISTS (SELECT 1 FROM "accounts" b WHERE lower(b."login") = lower(a."login") AND (b."created_at", b."id") < (a."created_at", a."id"));--> statement-breakpoint
CREATE UNIQUE INDEX "accounts_login" ON "accounts" USING btree (lower("login"));