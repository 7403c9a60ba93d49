ALTER TABLE "attendance" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "roster_revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "session" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;