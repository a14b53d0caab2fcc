CREATE TABLE "kept_days" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"job_id" uuid NOT NULL,
	"core" text NOT NULL,
	"aim" text NOT NULL,
	"done_at" text NOT NULL,
	"visits" integer NOT NULL,
	"days" json NOT NULL,
	"inputs" json NOT NULL,
	"kept_by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "kept_days" ADD CONSTRAINT "kept_days_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "kept_days_of_job" ON "kept_days" USING btree ("firm_id","job_id");--> statement-breakpoint
CREATE FUNCTION "kept_days_are_kept"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'what kept days say is never changed';
END
$$;--> statement-breakpoint
CREATE TRIGGER "kept_days_are_kept" BEFORE UPDATE ON "kept_days" FOR EACH ROW
  WHEN (OLD."days"::text IS DISTINCT FROM NEW."days"::text OR OLD."inputs"::text IS DISTINCT FROM NEW."inputs"::text OR OLD."core" IS DISTINCT FROM NEW."core" OR OLD."job_id" IS DISTINCT FROM NEW."job_id")
  EXECUTE FUNCTION "kept_days_are_kept"();
