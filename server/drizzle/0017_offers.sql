CREATE TABLE "offer_terms" (
	"firm_id" uuid PRIMARY KEY NOT NULL,
	"terms" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "offers" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"job_id" uuid NOT NULL,
	"number" text NOT NULL,
	"core" text NOT NULL,
	"currency" text NOT NULL,
	"total_minor" bigint NOT NULL,
	"repairs" integer NOT NULL,
	"valid_until" text NOT NULL,
	"offer" json NOT NULL,
	"setup" json NOT NULL,
	"issued_by" text NOT NULL,
	"state" text DEFAULT 'open' NOT NULL,
	"answered_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "offer" jsonb;--> statement-breakpoint
ALTER TABLE "offer_terms" ADD CONSTRAINT "offer_terms_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offers" ADD CONSTRAINT "offers_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "offers_of_job" ON "offers" USING btree ("firm_id","job_id");--> statement-breakpoint
CREATE UNIQUE INDEX "offers_number" ON "offers" USING btree ("firm_id","number");--> statement-breakpoint
CREATE FUNCTION "offers_are_kept"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'what a kept offer says is never changed';
END
$$;--> statement-breakpoint
CREATE TRIGGER "offers_are_kept" BEFORE UPDATE ON "offers" FOR EACH ROW
  WHEN (OLD."offer"::text IS DISTINCT FROM NEW."offer"::text OR OLD."setup"::text IS DISTINCT FROM NEW."setup"::text OR OLD."number" IS DISTINCT FROM NEW."number" OR OLD."total_minor" IS DISTINCT FROM NEW."total_minor" OR OLD."currency" IS DISTINCT FROM NEW."currency" OR OLD."core" IS DISTINCT FROM NEW."core" OR OLD."job_id" IS DISTINCT FROM NEW."job_id")
  EXECUTE FUNCTION "offers_are_kept"();
