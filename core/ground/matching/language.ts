/** Whether a line is in another language: then nobody sorts it by what it sounds like in English. */

/** Small words that English has not, or not where things are named. */
const FOREIGN_WORDS =
  /(?<![\p{L}'-])(?:und|mit|ohne|für|fuer|von|vom|zum|zur|der|das|dem|eine|einen|kiste|kisten|les|des|une|avec|pour|sans|et|dans|las|los|con|para|del|una|unas|unos|di|della|delle|per i|voor|het|een|met|och|med|til|i z|oraz|dla)(?![\p{L}'-])/iu;
/** Letters of other languages, but for the words that English has taken over. */
const FOREIGN_LETTERS = /[áíóúäöüßåøæéèêëçñãõàìòùâîôûşğıłńśźżčšž]/iu;
const TAKEN_OVER =
  /(?<!\p{L})(?:caf[eé]|cr[eê]pe|papier.m[aâ]ch[eé]|m[aâ]ch[eé]|d[eé]cor|pi[nñ]atas?|clich[eé]|fianc[eé]e?|pur[eé]e|r[eé]sum[eé]s?|f[oö]n|appliqu[eé]|d[eé]coupage|soufflé|cr[eè]che|proteg[eé]|pâté|ø)(?!\p{L})/giu;

/** @example isForeign('3 Kisten Bauklötze') // true */
export const isForeign = (text: string): boolean =>
  FOREIGN_WORDS.test(text) || FOREIGN_LETTERS.test(text.normalize('NFC').replace(TAKEN_OVER, ' '));
