ALTER TABLE "label_layout" ALTER COLUMN "width" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "label_layout" ALTER COLUMN "height" SET DATA TYPE double precision;