ALTER TABLE "lead_event" ADD COLUMN "device" text;--> statement-breakpoint
ALTER TABLE "lead_event" ADD COLUMN "sequence" integer;--> statement-breakpoint
ALTER TABLE "lead_event" ADD COLUMN "ordinal" integer DEFAULT 0 NOT NULL;