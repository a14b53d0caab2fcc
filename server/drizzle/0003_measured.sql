CREATE TABLE "measured" (
	"instrument" text NOT NULL,
	"slot_at" timestamp with time zone NOT NULL,
	"simulated" boolean NOT NULL,
	"kind" text NOT NULL,
	"readings" integer NOT NULL,
	"values" jsonb NOT NULL,
	CONSTRAINT "measured_instrument_slot_at_pk" PRIMARY KEY("instrument","slot_at")
);
--> statement-breakpoint
CREATE INDEX "measured_at" ON "measured" USING btree ("slot_at");