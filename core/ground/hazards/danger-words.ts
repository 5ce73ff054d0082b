/** What names of things tell of their hazards, beside what their category says. */
import type { HazardId } from '../model/entities.ts';

/** Words that make it so, and words around them that make it something else (all of them: global). */
interface Rule {
  hazard: HazardId;
  words: RegExp;
  not?: RegExp;
}

const RULES: readonly Rule[] = [
  {
    hazard: 'H3',
    words:
      /\b(button|coin) (cells?|batter(y|ies))\b|\bwater (beads?|pearls?)\b|\b(strong|neodymium|rare.earth|craft|super|button|disc) magnets?|magnet(ic)? balls?|supermagnets?|hearing.aid batter(y|ies)|(gel|jelly|expanding|orb) beads?|[cl]r ?\d{2,4}\b/,
  },
  {
    hazard: 'H4',
    words:
      /\b(kni(fe|ves)|penkni(fe|ves)|blades?|guillotines?|(paper )?trimmers?|thumb ?tacks?|tacks|darts?|secateurs?|axes?|hatchets?|graters?|skewers?|drill bits?|hacksaws?|snips|shears|seam rippers?|unpickers?|heat guns?|wood burners?|pyrography|firelighters?|fireworks?|sparklers?|fish hooks?|scalpels?|razors?|(box|rotary|lino|wire|glass) cutters?|cutting blades?|needles?|(drawing |push |safety |map )?pins?|scissors|awls?|bradawls?|chisels?|saws?|glue guns?|soldering irons?|matches|lighters?|staple guns?|leather punch(es)?|(glass|metal) (shards?|splinters?)|shards?|broken (glass|mirrors?|china))\b/,
    not: /\b(foam darts?|pine needles?|bowling|rolling pins?|clothes.?pins?|pin ?boards?|seesaws?|jigsaws?|(child|children'?s|kids'?|safety|round.?tip(ped)?) scissors|(knitting|plastic) needles?|needle.felted|(play|toy|pretend)( \w+)?|butter kni(fe|ves))\b/g,
  },
  {
    hazard: 'H5',
    words:
      /\b(solvents?|white spirit|turpentine|turps|acetone|(nail )?(varnish|polish) remover|(marker|adhesive|sticker|glue|rust|graffiti) remover|paint (thinner|stripper)|thinners?|spray paints?|(hair|fixative|adhesive) ?sprays?|sprays?|varnish(es)?|lacquers?|super ?glue|epoxy|contact adhesive|bleach|(cleaning|washing) (agents?|products?|powder|liquid)|(toilet|oven|drain|glass|bathroom) cleaners?|detergents?|(dishwasher|washing)( machine)? (tabs|tablets)|disinfectants?|hand sanitisers?|medicines?|medication|pills|cough syrup|painkillers?|methylated spirits?|ammonia|weed ?killers?|antifreeze|(rat|mouse|ant|slug|wasp) (poison|pellets|bait|spray|killer)|poisons?|pesticides?|insecticides?|insect repellents?|fertili[sz]ers?|lighter (fluid|gas|refills?)|petrol|paraffin|lamp oil|gas cartridges?|linseed oil|wood stain|essential oils?|vitamins?|iron tablets|paracetamol|ibuprofen|antihistamines?|(nasal|nose) sprays?|caustic|drain unblocker|descaler|limescale remover|paint remover|nail polish|nail varnish|resin|stain remover|laundry (pods|capsules|liquid)|washing tablets|sanitizers?|surface wipes|e.?liquids?|cigarettes?)\b/,
    not: /\b(spray bottles? \(?empty|empty spray bottles?|play medicine)\b/g,
  },
  {
    hazard: 'H6',
    words:
      /\b((plastic|bin|carrier|freezer|bread) bags?|bin liners?|cling ?film|bubble wrap|laminating film|cords?|strings?|twine|shoe ?laces?|washing lines?|dog leads?|curtain ties?|drawstrings?|fairy lights|lanyards?|garlands?|(sandwich|zip.?lock|poly(thene)?|rubbish|refuse|nappy) (bags?|sacks?)|webbing|leashes|ribbons?|skipping ropes?|ropes?|laces|elastic|yarns?|blind cords?|necklaces?|cables?)\b/,
    not: /\b(string quartet|guitar strings|shoe ?laces board)\b/g,
  },
  {
    hazard: 'H2',
    words:
      /\b(beads?|marbles?|buttons?|googly|wiggly eyes?|nuggets|glitter|confetti|pins|small (balls?|magnets?|pieces)|paper ?clips?|earrings|rings?|counters|pawns|balloons?|push pins|sequins|coins?|glass (stones?|nuggets)|pebbles|dice|googly eyes|pearls?|small parts|tiddlywinks|nuts and bolts|drawing pins)\b/,
    not: /\b((\d|two|three|four|five).rings?|rings?[ -](binders?|folders?|files?|toss|bound|lights?)|balloon pumps?|button.(fronts?|downs?|backs?|shirts?)|(teething|rubber|swim|swimming|curtain|stacking|throwing|wedding) rings|hoops and rings|button (cells?|batter)|bead (maze|frame)s?|marble run|water (beads?|pearls?))\b/g,
  },
  {
    hazard: 'H15',
    words: /\b((steam |clothes )?irons?|glue guns?|heat press(es)?|soldering irons?|hot plates?|waffle irons?)\b/,
    not: /\b(iron.on|toy iron|play iron|golf)\b/g,
  },
  {
    hazard: 'H14',
    words:
      /\b(passports?|tax (papers|returns?|records)|bank (statements?|letters)|passwords?|medical records?|contracts?|birth certificates?|salary|payslips?|children'?s? records?|(bank|credit|id|identity) cards?|(medical|registration|consent|permission) forms?|(school|doctor'?s|medical) (reports?|letters?)|wills?|insurance (papers?|polic(y|ies))|(class|school|passport|student|family) photos?|photo(graph)?s?( albums?)?|attendance registers?|(contact|allergy|emergency) (lists?|cards?)|personnel|(child|children'?s?|client|staff) files?|tax\b|bank papers|invoices? with|pension|mortgage|deeds?|driving licen[cs]e)\b/,
  },
];

/** @example hazardsInWords('craft knives and blades') // ['H4'] */
export function hazardsInWords(text: string): HazardId[] {
  const plain = text.toLowerCase().normalize('NFC');
  return RULES.filter(({ words, not }) => words.test(not ? plain.replace(not, ' ') : plain)).map(
    ({ hazard }) => hazard,
  );
}

/** What burns or gives off vapour: never beside what gets hot. */
export const isFlammable = (text: string): boolean =>
  /\b(spray|varnish|solvent|spirit|thinner|turpentine|acetone|lacquer|remover|aerosol)/i.test(text);
export const isPaper = (text: string): boolean =>
  /\b(paper|card|cardboard|tissue|crepe|envelopes?|magazines?)\b/i.test(text);
export const isFood = (text: string): boolean =>
  /\b(food|snacks?|fruit|plates?|dishes|cutlery|baby bottles?|drinking|beakers?|lunch|tea towels?|crockery|(drinking )?mugs?|(?<!(paint|stacking|suction|nesting|measuring|egg) )cups?|biscuits?|flour|sugar|cooking)\b/i.test(
    text,
  ) && !/\b(play|toy|pretend|doll)/i.test(text);
/** A container that food or drink comes in: what is in it would be taken for that. */
export const isFoodContainer = (name: string): boolean =>
  /\b(jam|honey|pickle|preserving|mason|food|lunch|juice|milk|drink(ing|s)?|lemonade|yog(h)?urt|cereal|biscuit|sweets?|spice|baby food)\b|\b(water|soda) bottle\b/i.test(
    name,
  );
