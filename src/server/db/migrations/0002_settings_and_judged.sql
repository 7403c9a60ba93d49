ALTER TABLE "class" ADD COLUMN "judged" jsonb;--> statement-breakpoint
ALTER TABLE "studio" ADD COLUMN "settings" jsonb DEFAULT '{}'::jsonb NOT NULL;