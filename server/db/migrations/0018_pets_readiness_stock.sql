ALTER TABLE "room" ADD COLUMN "pets" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "restock_budget" integer;--> statement-breakpoint
ALTER TABLE "par" ADD COLUMN "opened" date;--> statement-breakpoint
ALTER TABLE "par" ADD COLUMN "keeps_days" integer;--> statement-breakpoint
ALTER TABLE "stock_order" ADD COLUMN "paid" integer;--> statement-breakpoint
ALTER TABLE "rotating" ADD COLUMN "ready_ids" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "rotating" ADD COLUMN "not_yet_ids" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "rotating" ADD COLUMN "done_ids" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
CREATE INDEX "rotating_ready_ids" ON "rotating" USING gin ("ready_ids" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "rotating_not_yet_ids" ON "rotating" USING gin ("not_yet_ids" jsonb_path_ops);--> statement-breakpoint
CREATE INDEX "rotating_done_ids" ON "rotating" USING gin ("done_ids" jsonb_path_ops);