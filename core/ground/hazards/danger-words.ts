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
      /\b(button|coin) (cells?|batter(y|ies))\b|\bwater (beads?|pearls?)\b|\b(strong|neodymium|rare.earth|craft|super|button|disc) magnets?|magnet(ic)? (\w+ )?(balls?|beads?|cubes?|sticks?|rods?|pearls?)|(tiny|small|little|loose) magnets?|neodym\w*|supermagnets?|steel balls?|hearing.aid batter(y|ies)|((round|watch|flat|coin|button).)?cell batter(y|ies)|watch batter(y|ies)|(small|little) (flat|round) batter(y|ies)|(gel|jelly|hydro\w*|aqua|water|growing|expanding|swelling|orb)( \w+)? (beads?|pearls?|balls?|marbles?|crystals?)|(swell|swells|grow|grows|expand|expands)( up)? in water|grow.?in.?water|[cl]r ?\d{2,4}\b/,
  },
  {
    hazard: 'H4',
    words:
      /\b(kni(fe|ves)|penkni(fe|ves)|blades?|guillotines?|(paper )?trimmers?|thumb ?tacks?|tacks|darts?|secateurs?|axes?|hatchets?|graters?|skewers?|drill bits?|hacksaws?|snips|shears|seam rippers?|unpickers?|heat guns?|wood burners?|pyrography|firelighters?|fireworks?|sparklers?|fish hooks?|scalpels?|razors?|(box|rotary|lino|wire|glass) cutters?|cutting blades?|needles?|(drawing |push |safety |map )?pins?|scissors|awls?|bradawls?|chisels?|saws?|glue guns?|soldering irons?|matches|lighters?|staple guns?|leather punch(es)?|(glass|metal) (shards?|splinters?)|shards?|broken (glass|mirrors?|china)|pizza (wheels?|cutters?)|slicers?|mandolin(e|e slicer)s|kebab sticks|peelers?|sharp (edges?|points?|tools?)|machetes?|daggers?|sickles?|lino tools?|sharps|(sewing|embroidery|mending) (kits?|sets?)|gouges?|arrow ?heads?)\b/,
    not: /\b(foam darts?|pine needles?|bowling|rolling pins?|clothes.?pins?|pin ?boards?|seesaws?|jigsaws?|(blunt|child|children'?s?|kids'?|safety|child.?safe|round\w*(.?tip(ped)?)?) scissors( for (children|kids))?|scissors for (children|kids|toddlers)|(knitting|plastic|lacing)( \w+)? needles?|needle.felted|(wooden |plastic |foam )?(play|toy|pretend)( \w+){0,2}( (saws?|kni(fe|ves)|scissors))?|(foam|plastic|wooden|cardboard|inflatable|toy|play|dressing.up) (swords?|sabres?|daggers?|axes?|weapons?|bows?( and arrows?)?|cutlass(es)?)|[^;]*\b(for|in) (pretend|role|sand|water) play|butter kni(fe|ves)|pins? game|skittle pins?|(cookie|dough|pastry) cutters?)\b/g,
  },
  {
    hazard: 'H5',
    words:
      /\b(solvents?|white spirit|turpentine|turps|acetone|(nail )?(varnish|polish) remover|(marker|adhesive|sticker|glue|rust|graffiti) remover|paint (thinner|stripper)|thinners?|spray paints?|(hair|fixative|adhesive) ?sprays?|sprays?|varnish(es)?|lacquers?|super ?glue|epoxy|contact adhesive|bleach|(cleaning|washing) (agents?|products?|powder|liquid)|(toilet|oven|drain|glass|bathroom) cleaners?|detergents?|(dishwasher|washing)( machine)? (tabs|tablets)|disinfectants?|hand sanitisers?|medicines?|medication|pills|cough syrup|painkillers?|methylated spirits?|ammonia|weed ?killers?|antifreeze|(rat|mouse|ant|slug|wasp) (poison|pellets|bait|spray|killer)|poisons?|pesticides?|insecticides?|insect repellents?|fertili[sz]ers?|lighter (fluid|gas|refills?)|petrol|paraffin|lamp oil|gas cartridges?|linseed oil|wood stain|essential oils?|vitamins?|iron tablets|paracetamol|ibuprofen|antihistamines?|(nasal|nose) sprays?|caustic|drain unblocker|descaler|limescale remover|paint remover|nail polish|nail varnish|resin|stain remover|laundry (pods|capsules|liquid)|washing tablets|sanitizers?|surface wipes|e.?liquids?|cigarettes?|nicotine|vapes?|antibiotics?|insulin|inhalers?|suppositor(y|ies)|ointments?|(sleeping|heart|blood|blood pressure|thyroid|pain|water.purifying|pool|chlorine) (tablets?|pills?)|codeine|morphine|sealers?|(lamp|spirit|barbecue|burner) fuel|chlorine|hair dyes?|(rubbing|surgical) (alcohol|spirit)|isopropyl|peroxide|acids?|(nail|super.strong) glue|toilet blocks?|moth ?balls?|drain (crystals|cleaner)|wart (remover|treatment)|(head ?lice|nit|wart|scabies) (lotion|treatment|shampoo)|(floor|furniture|shoe|metal|oven|silver) polish|(window|floor|oven|bath|kitchen|carpet|glass) cleaners?|mouthwash|perfumes?|aftershave|creosote|wood preservatives?|kerosene|(camping|stove) fuel|butane|propane|caustic soda|borax)\b/,
    not: /\b((empty|washed)( \w+){0,2} bottles?|\w+ bottles?,? (empty|washed)|spray bottles? \(?empty|(spray|squirt) bottles? (of|for|with) (the )?water|water spray(er)?s?|spray bottles? for (the )?plants?|(plant )?misters?|(play|toy|pretend|doll'?s?)( \w+){0,3}|doctor'?s? (kit|case|set|bag)|vitamins? [a-z] chart)\b/g,
  },
  {
    hazard: 'H6',
    words:
      /\b((plastic|bin|carrier|freezer|bread|dry.?cleaning|packing|cellophane|grip.?seal) (bags?|film)|bin liners?|cling ?film|bubble wrap|laminating film|cords?|strings?|twine|shoe ?laces?|washing lines?|dog leads?|curtain ties?|drawstrings?|fairy lights|lanyards?|garlands?|(sandwich|zip.?lock|poly(thene)?|rubbish|refuse|nappy) (bags?|sacks?)|webbing|leashes|ribbons?|skipping ropes?|ropes?|laces|elastic|yarns?|blind cords?|necklaces?|cables?)\b/,
    not: /\b(string quartet|(guitar|violin|instrument|ukulele) strings?|shoe ?laces board|cord (trousers?|jackets?|skirts?|dungarees)|string of paper (flags?|lanterns?)|(paper|cloth|bean|school|hand|sleeping|tote|canvas|cotton|shopping|gift) ?bags?)\b/g,
  },
  {
    hazard: 'H2',
    words:
      /\b(beads?|marbles?|buttons?|googly|wiggly eyes?|nuggets|glitter|confetti|pins|small (balls?|magnets?|pieces)|paper ?clips?|earrings|rings?|counters|pawns|balloons?|push pins|sequins|coins?|glass (stones?|nuggets)|pebbles|dice|googly eyes|pearls?|small parts|tiddlywinks|doubloons|pennies|small as coins|nuts and bolts|drawing pins|(pen|bottle) caps|(popcorn|corn) kernels?|(dried|split) peas|lentils|chickpeas|dried beans|peanuts?|hazelnuts?|grapes?|boiled sweets|tiny \w+|\w+,? tiny|(very small|miniature) \w+|rhinestones?|small pom ?poms|screws?|washers)\b/,
    not: /\b((\d|two|three|four|five).rings?|rings?[ -](binders?|folders?|files?|toss|bound|lights?)|balloon pumps?|button.?(up )?(fronts?|downs?|backs?|shirts?)|coin (banks?|boxes|albums?|purses?)|marble cakes?|button accordions?|clothes.?pins?|bowling pins?|pins? game|(teething|rubber|swim|swimming|curtain|stacking|throwing|wedding) rings|hoops and rings|button (cells?|batter)|bead (maze|frame)s?|marble run|water (beads?|pearls?))\b/g,
  },
  {
    hazard: 'H15',
    words:
      /\b((steam |clothes )?irons?|glue guns?|heat press(es)?|soldering irons?|hot plates?|waffle irons?|(hair )?straighteners?|curling (irons?|tongs|wands?)|heat guns?|toasters?|wax melters?|melting pots?|candle warmers?|kettles?|fondue sets?|raclette|(swollen|bulging|leaking|damaged)( \w+)? (power ?banks?|batter(y|ies)|phones?|laptops?)|(power ?banks?|batter(y|ies)|phones?|laptops?)( that is| that are|,)? (swollen|bulging|leaking))\b/,
    not: /\b(iron.on|(toy|play|pretend|doll'?s?)( \w+){0,2}|golf irons?|golf|iron man|(cast|wrought) iron|iron (bookends?|weights?|bars?|nails?|filings)|ironing (boards?|covers?)|iron tablets)\b/g,
  },
  {
    hazard: 'H14',
    words:
      /\b(passports?|tax (papers|returns?|records)|bank (statements?|letters)|passwords?|medical records?|contracts?|birth certificates?|salary|payslips?|children'?s? records?|(bank|credit|id|identity) cards?|(medical|registration|consent|permission) forms?|(school|doctor'?s|medical|(pupil|child|student)s?'?s?) (reports?|letters?)|wills?|insurance (papers?|polic(y|ies))|(class|school|passport|student|family) photos?|photo(graph)?s?( albums?)?|attendance registers?|(contact|allergy|emergency) (lists?|cards?)|personnel|names and (allergies|addresses|birthdays)|allerg(y|ies) (sheets?|plans?)|(names|addresses|allergies) of (all )?(the )?(children|pupils|families|babies)|(child|children'?s?|client|staff) files?|tax\b|bank papers|invoices? with|pension|mortgage|deeds?|driving licen[cs]e)\b/,
    not: /\b([^;]*(folders?|files?|binders?),? empty|empty ([^;]*)?(folders?|files?|binders?)|(photo|picture) (frames?|paper|corners)|empty photo albums?)\b/g,
  },
];

const plainOf = (text: string): string => text.toLowerCase().normalize('NFC');
const without = (text: string, not: RegExp | undefined): string => (not ? text.replace(not, ' ') : text);

/** @example hazardsInWords('craft knives and blades') // ['H4'] */
export function hazardsInWords(text: string): HazardId[] {
  const plain = plainOf(text);
  return RULES.filter(({ words, not }) => words.test(without(plain, not))).map(({ hazard }) => hazard);
}

/**
 * Hazards that a name says it has not, whatever such things usually have: what is for play, blunt, empty, or of another kind.
 * @example harmlessInWords('plastic toy knives') // ['H4', 'H5', 'H15']
 */
export function harmlessInWords(text: string): HazardId[] {
  const plain = plainOf(text);
  return RULES.filter(({ words, not }) => {
    const rest = without(plain, not);
    return rest !== plain && !words.test(rest);
  }).map(({ hazard }) => hazard);
}

/** What burns or gives off vapour: never beside what gets hot. */
export const isFlammable = (text: string): boolean =>
  /\b(spray|varnish|solvent|spirit|thinner|turpentine|acetone|lacquer|remover|aerosol)/i.test(text);
/** Of a doll or a game: small, and nobody stands on it. */
export const isForPlay = (text: string): boolean => /\b(doll'?s?|toy|play|pretend|model)\b/i.test(text);
/** What babies are changed with. */
export const isForChanging = (text: string): boolean =>
  /\b(napp(y|ies)|diapers?|(wet|baby|changing) wipes?|changing (mats?|pads?|cream)|pott(y|ies)|nappy cream)\b/i.test(
    text,
  ) && !/\b(doll|toy|play|pretend)/i.test(text);
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
