CREATE TABLE "sign_in_tries" (
	"key" text PRIMARY KEY NOT NULL,
	"since" timestamp with time zone NOT NULL,
	"tries" integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX "sign_in_tries_since" ON "sign_in_tries" USING btree ("since");