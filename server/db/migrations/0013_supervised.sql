ALTER TABLE "category" ADD COLUMN "supervised" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "category" ADD COLUMN "several_rooms" text DEFAULT '' NOT NULL;