/**
 * Migrations that were changed after data had been written by them: five earlier forms of four files. A data folder that
 * has one of them is brought to what the file says now, and its journal with it; then it is as every other.
 */
import type { PGlite } from '@electric-sql/pglite';

interface EarlierForm {
  tag: string;
  /** By which its journal knows it, and the form that stands now. */
  when: number;
  now: number;
  /** From the one to the other. */
  statements: readonly string[];
}

const MOMENTS = `'reading', 'building', 'dressing-up', 'art', 'table work', 'office', 'changing', 'sleeping', 'arriving', 'eating', 'whole room'`;
/** The move plan, that came into the tenth file when it had been written once. */
const MOVES = [
  `CREATE TABLE "move" ("id" text PRIMARY KEY NOT NULL, "version" bigint NOT NULL, "site_id" text NOT NULL, "room_id" text NOT NULL, "bin_id" text NOT NULL, "to" text NOT NULL, "from_id" text, "x" integer, "y" integer, "z" integer, "turned" boolean DEFAULT false NOT NULL, "sort" double precision NOT NULL, "done" boolean NOT NULL, CONSTRAINT "move_of_site" UNIQUE("site_id","id"), CONSTRAINT "move_to" CHECK ("move"."to" in ('place', 'parking')))`,
  `ALTER TABLE "move" ADD CONSTRAINT "move_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id")`,
  `ALTER TABLE "move" ADD CONSTRAINT "move_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id")`,
  `ALTER TABLE "move" ADD CONSTRAINT "move_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id")`,
  `ALTER TABLE "move" ADD CONSTRAINT "move_from_id_fk" FOREIGN KEY ("site_id","from_id") REFERENCES "public"."compartment"("site_id","id")`,
  `CREATE INDEX "move_version" ON "move" USING btree ("site_id","version")`,
  `CREATE INDEX "move_room_id" ON "move" USING btree ("room_id")`,
  `CREATE INDEX "move_bin_id" ON "move" USING btree ("bin_id")`,
  `CREATE INDEX "move_from_id" ON "move" USING btree ("from_id")`,
];
/** Zones of the day, heights as a choice, parking places. */
const HEIGHTS = [
  `ALTER TABLE "zone" DROP CONSTRAINT "zone_kind"`,
  `ALTER TABLE "category" DROP CONSTRAINT "category_zone_kind"`,
  `ALTER TABLE "room" ADD COLUMN "heights" text`,
  `ALTER TABLE "bin" ADD COLUMN "park_id" text`,
  `ALTER TABLE "bin" ADD CONSTRAINT "bin_park_id_fk" FOREIGN KEY ("site_id","park_id") REFERENCES "public"."compartment"("site_id","id")`,
  `CREATE INDEX "bin_park_id" ON "bin" USING btree ("park_id")`,
  `ALTER TABLE "room" ADD CONSTRAINT "room_heights" CHECK ("room"."heights" in ('weight', 'children'))`,
  `ALTER TABLE "zone" ADD CONSTRAINT "zone_kind" CHECK ("zone"."kind" in (${MOMENTS}))`,
  `ALTER TABLE "category" ADD CONSTRAINT "category_zone_kind" CHECK ("category"."zone_kind" in (${MOMENTS}))`,
];

export const EARLIER_FORMS: readonly EarlierForm[] = [
  {
    tag: '0000_start',
    when: 1795496460156,
    now: 1795496962173,
    statements: [`ALTER TABLE "change" ADD COLUMN "first" boolean DEFAULT false NOT NULL`],
  },
  {
    tag: '0001_makeover',
    when: 1795609006658,
    now: 1795609760196,
    statements: [
      `ALTER TABLE "family" ADD COLUMN "fine" integer`,
      `UPDATE "family" SET "fine" = (SELECT max("fine") FROM "category" WHERE "family_id" = "family"."id")`,
      `ALTER TABLE "category" DROP COLUMN "fine"`,
    ],
  },
  {
    tag: '0009_room',
    when: 1795745986846,
    now: 1795750653433,
    statements: [
      `ALTER TABLE "unit" ADD COLUMN "doubles" text`,
      `ALTER TABLE "unit" ADD CONSTRAINT "unit_doubles" CHECK ("unit"."doubles" in ('seat', 'table'))`,
    ],
  },
  { tag: '0010_depth', when: 1795758507445, now: 1795762370948, statements: [...MOVES, ...HEIGHTS] },
  { tag: '0010_depth', when: 1795760095275, now: 1795762370948, statements: HEIGHTS },
];

/** Before migrations are applied: what was written by an earlier form of one becomes what its file says now. */
export async function bridgeEarlierForms(client: PGlite): Promise<void> {
  const there = await client.query<{ there: boolean }>(
    `select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  );
  if (!there.rows[0]!.there) return;
  for (const { when, now, statements } of EARLIER_FORMS)
    await client.transaction(async (tx) => {
      const found = await tx.query('select id from drizzle.__drizzle_migrations where created_at = $1', [when]);
      if (!found.rows.length) return;
      for (const statement of statements) await tx.query(statement);
      await tx.query('update drizzle.__drizzle_migrations set created_at = $1 where created_at = $2', [now, when]);
    });
}
