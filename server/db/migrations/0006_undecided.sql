ALTER TABLE "line" ALTER COLUMN "decision" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "keeps_new" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "paper" text DEFAULT 'A4' NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD CONSTRAINT "site_paper" CHECK ("site"."paper" in ('A4', 'Letter'));