import type { CueLanguageId } from '../../figure/index.ts'

/** How a language says what is danced: patterns on text in lower case. */
export interface ClaimWords {
  /** Whether a word for a side is the left one. */
  readonly left: RegExp
  readonly turns: readonly RegExp[]
  readonly ways: readonly RegExp[]
  readonly rounds: readonly RegExp[]
  readonly hands: readonly RegExp[]
  readonly alongs: RegExp
  readonly back: RegExp
  readonly amounts: {
    readonly pattern: RegExp
    /** The amount behind the turn: “pivot a quarter”. */
    readonly behind: RegExp
    readonly eighths: (amount: string) => number
  }
  readonly times: {
    readonly pattern: RegExp
    readonly number: (times: string) => number
    /** What stands before it where it is about a part of the figure: “clap twice”. */
    readonly notOf: RegExp
  }
  /** An ending hold, at the end of what is said or before a comma. */
  readonly exits: RegExp
  readonly holds: readonly (readonly [RegExp, ...string[]])[]
  readonly facings: RegExp
  /** What a place is called where directions are read. */
  readonly places: readonly (readonly [RegExp, string])[]
  readonly follow: RegExp
  /** Words of a note that is about something else, or leaves it open. */
  readonly hedged: RegExp
}

/** A side that is not a foot's, a hand's or another limb's. */
const EN_SIDE =
  '(?<side>left|right)(?![- ]?(?:foot|feet|hand|hands|arm|arms|shoulder|shoulders|elbow|elbows|heel|heels|toe|toes|knee|knees|hip|hips|leg|over|in front)\\b)\\b'
const EN_TURN =
  '(?:turn(?:s|ing|ed)?|spin(?:s|ning)?|pivot(?:s|ing)?|roll(?:s|ing)?|rotat(?:e|es|ing)|twirl(?:s|ing)?|whirl(?:s|ing)?)'
const EN_AMOUNT =
  '(?<amount>three[- ]eighths?|five[- ]eighths?|one[- ]eighth|an eighth|eighth|three[- ]quarters?|one[- ]quarter|a quarter|quarter|one[- ]half|a half|half|one and a half|full|whole|3/8|1/8|1/4|3/4|1/2)'
const EN_AMOUNTS: readonly (readonly [RegExp, number])[] = [
  [/^one and a half$/, 12],
  [/^(?:three[- ]eighths?|3\/8)$/, 3],
  [/^five[- ]eighths?$/, 5],
  [/eighth|1\/8/, 1],
  [/^three[- ]quarters?$|3\/4/, 6],
  [/quarter|1\/4/, 2],
  [/half|1\/2/, 4],
  [/full|whole/, 8],
]
const eighthsBy =
  (amounts: readonly (readonly [RegExp, number])[]) =>
  (text: string): number =>
    amounts.find(([pattern]) => pattern.test(text))![1]

const EN: ClaimWords = {
  left: /^left/,
  turns: [
    new RegExp(
      `\\b(?<side>left|right)(?:[- ]face[d]?)?[- ]${EN_TURN}\\b(?! (?:vine|grapevine))`,
      'g',
    ),
    new RegExp(
      `\\b${EN_TURN}(?: ${EN_AMOUNT.replace('?<amount>', '?:')})?,? (?:to (?:the|your) )?${EN_SIDE}`,
      'g',
    ),
    new RegExp(
      `\\b${EN_AMOUNT.replace('?<amount>', '?:')}(?: turn)? (?:to (?:the|your) )?${EN_SIDE}(?! (?:turn|box|vine))`,
      'g',
    ),
  ],
  ways: [
    new RegExp(
      `\\b(?:vine|grapevine|slide|sidestep|side|chass[eé]|gallop|galop|side close|step close|travel|move|sway) (?:to (?:the|your) )?${EN_SIDE}(?! (?:turn|spin)\\b| and (?:left|right)\\b)`,
      'g',
    ),
    new RegExp(`\\b(?<side>left|right) (?:vine|grapevine|slide|sidestep|chass[eé]|gallop)\\b`, 'g'),
  ],
  rounds: [new RegExp(`\\b(?:circle|ring|circles|rings) (?:to (?:the|your) )?${EN_SIDE}`, 'g')],
  hands: [
    /\b(?<side>left|right)[- ](?:hand|hands|arm|arms|elbow|elbows)[- ](?:star|turn|round|around|about|swing|mill)\b/g,
    /\b(?:star|mill|allemande)(?: by the)? (?<side>left|right)\b(?! (?:foot|shoulder))/g,
    /\b(?:arm|arms|elbow|elbows|turn|star|round) (?:by the |with the )?(?<side>left|right) (?:hand|arm|elbow)s?\b/g,
  ],
  alongs:
    /\b(?:walk|walks|run|runs|shuffle|shuffles|two-step|two-steps|triple|triples|travel|lock|locks|charge|strut|struts|skip|skips)(?: \w+)? (?<way>forward|forwards|back|backward|backwards)\b(?!(?: and|,|\/| to back))/g,
  back: /^back/,
  amounts: {
    pattern: new RegExp(
      `\\b${EN_AMOUNT} (?:turn|spin|pivot|(?:to the |to your )?(?:left|right)\\b(?! (?:foot|hand|box|turn|turning|basic)))`,
      'g',
    ),
    behind: new RegExp(
      `\\b(?:${EN_TURN}|monterey|paddle|unwind)(?: to (?:the|your) (?:left|right)\\b)?,? ${EN_AMOUNT}\\b(?! (?:turn|spin|pivot|left|right|bar|beat|count|box|time|to))`,
      'g',
    ),
    eighths: eighthsBy(EN_AMOUNTS),
  },
  times: {
    pattern:
      /\b(?<times>twice|two times|2 times|three times|3 times|four times|4 times|five times|six times|x ?[2-8])\b/g,
    number: (text) =>
      ({ twice: 2, two: 2, three: 3, four: 4, five: 5, six: 6 })[text.split(' ')[0]!] ??
      Number(/\d/.exec(text)![0]),
    notOf:
      /\b(?:clap|stamp|stomp|tap|kick|point|touch|hop|bounce|bump|snap|click|nod|heel|heels|toe|toes|hip|hips|sway|rock|swing|hold|brush|turn|spin|once|look|count|wait)s? $/,
  },
  exits: /\bto (?:a |the )?(?<hold>[a-z][a-z -]*?)(?: position| hold)?(?=$|[,;.!]| and\b)/,
  holds: [
    [/^(?:closed|close position)$/, 'closed'],
    [/^semi(?:[- ]closed)?$/, 'semi-closed'],
    [/^reverse semi(?:[- ]closed)?$/, 'reverse semi-closed'],
    [/^butterfly$/, 'butterfly'],
    [/^two hands$/, 'two hands'],
    [/^open facing$/, 'open facing'],
    [/^open$/, 'open'],
    [/^left open$/, 'left open'],
    [/^half open$/, 'half open'],
    [/^banjo$/, 'banjo'],
    [/^sidecar$/, 'sidecar'],
    [/^shadow$/, 'shadow'],
    [/^tandem$/, 'tandem'],
    [/^(?:wrap|wrapped)$/, 'wrap'],
    [/^hammerlock$/, 'hammerlock'],
    [/^skaters$/, 'skaters'],
    [/^varsouvienne$/, 'varsouvienne'],
    [/^handshake$/, 'handshake'],
  ],
  facings:
    /\b(?:look|looks|looking|face|faces|facing) (?<place>(?:the |to the |toward the |towards the )?(?:in|out|inwards?|outwards?|centre|center|wall|line of dance|lod|reverse|rlod|(?:front|back|home|left|right) wall|\d{1,2} o'clock))\b(?! (?:and|to))/,
  places: [
    [/^(?:.* )?(?:in|inwards?|centre|center)$/, 'centre'],
    [/^(?:.* )?(?:out|outwards?)$/, 'out'],
    [/(?:front|home) wall/, "12 o'clock"],
    [/back wall/, "6 o'clock"],
    [/^(?:the |to the |toward the |towards the )?wall$/, 'wall'],
    [/^(?:.* )?(?:line of dance|lod)$/, 'line of dance'],
    [/^(?:.* )?(?:reverse|rlod)$/, 'reverse'],
    [/^12 o'clock/, "12 o'clock"],
    [/^3 o'clock/, "3 o'clock"],
    [/^6 o'clock/, "6 o'clock"],
    [/^9 o'clock/, "9 o'clock"],
  ],
  follow: /\b(?:lady|ladies|lady's|woman|women|her|she|follow|follows|follow's|girls?)\b/,
  hedged:
    /\b(?:next|later|not|no|never|or|option|optional|those who|who like|whoever|if|instead|unless|without|comes|coming|before|after|last time|first time|second time|third time|other|another|others|some|when)\b|don't/,
}

const DE_SIDE = '(?:nach )?(?<side>links|rechts)(?![\\p{L}])(?! (?:fuß|hand|arm|ferse|spitze|knie))'
const DE_AMOUNT =
  '(?<amount>dreiviertel|drei viertel|dreiachtel|drei achtel|ein achtel|achtel|eine? viertel|viertel|eine halbe|halbe?|anderthalb|eineinhalb|eine ganze|ganze?|1/4|1/2|3/4|1/8)'
const DE_AMOUNTS: readonly (readonly [RegExp, number])[] = [
  [/^(?:anderthalb|eineinhalb)$/, 12],
  [/drei ?viertel|3\/4/, 6],
  [/drei ?achtel/, 3],
  [/achtel|1\/8/, 1],
  [/viertel|1\/4/, 2],
  [/halb|1\/2/, 4],
  [/ganz/, 8],
]
const DE_NUMBERS: Readonly<Record<string, number>> = {
  zweimal: 2,
  dreimal: 3,
  viermal: 4,
  fünfmal: 5,
  sechsmal: 6,
}

const DE: ClaimWords = {
  left: /^link/,
  turns: [
    /(?<![\p{L}])(?<side>links|rechts)(?:drehung|drehend|wendung|rolle|pirouette|pivot)/gu,
    /(?<![\p{L}])(?<side>links|rechts)[ -]?(?:herum|rum)(?! im kreis)/gu,
    new RegExp(
      `(?<![\\p{L}])(?:dreh\\p{L}*|solodrehung|drehung|spin|pivot|rolle|rollen) ${DE_SIDE}`,
      'gu',
    ),
    new RegExp(`(?<![\\p{L}])(?<side>links|rechts) (?:drehen|drehung|dreht)`, 'gu'),
    new RegExp(
      `(?<![\\p{L}])${DE_AMOUNT.replace('?<amount>', '?:')}(?: drehung| herum)? ${DE_SIDE}`,
      'gu',
    ),
  ],
  ways: [
    new RegExp(
      `(?<![\\p{L}])(?:vine|kreuzschritt|seit|seite|seitwärts|seitschritt|seitgalopp|galopp|chass[eé]e?|wiegeschritt|nachstellschritt|grapevine) ${DE_SIDE}`,
      'gu',
    ),
  ],
  rounds: [
    new RegExp(`(?<![\\p{L}])(?:kreis|kreisen|im kreis) ${DE_SIDE}`, 'gu'),
    /(?<![\p{L}])(?<side>links|rechts)kreis/gu,
  ],
  hands: [
    /(?<![\p{L}])(?<side>links|rechts|linke[nr]?|rechte[nr]?)[- ]?(?:handstern|hand-stern|handmühle|handtour|mühle|stern|hände-stern|armtour|arm-tour)/gu,
    /(?<![\p{L}])(?:stern|mühle|handtour|armtour) (?:mit der )?(?<side>links|rechts|linken|rechten)(?![\p{L}])/gu,
  ],
  alongs:
    /(?<![\p{L}])(?:gehen|laufen|hüpfen|wechselschritt|wechselschritte|schritte)(?: \p{L}+)? (?<way>vor|vorwärts|zurück|rückwärts)(?![\p{L}])(?! und)/gu,
  back: /^(?:zurück|rück)/,
  amounts: {
    pattern: new RegExp(
      `(?<![\\p{L}])${DE_AMOUNT} ?(?:drehung|herum|(?:nach )?(?:links|rechts)(?![\\p{L}]))`,
      'gu',
    ),
    behind: new RegExp(
      `(?<![\\p{L}])(?:\\p{L}*drehung|pivot|monterey|paddle|unwind)(?: nach (?:links|rechts)(?![\\p{L}]))?,? ${DE_AMOUNT}(?![\\p{L}])(?! (?:drehung|herum|nach|links|rechts|takt))`,
      'gu',
    ),
    eighths: eighthsBy(DE_AMOUNTS),
  },
  times: {
    pattern:
      /(?<![\p{L}])(?<times>zweimal|dreimal|viermal|fünfmal|sechsmal|[2-8] ?(?:x|mal))(?![\p{L}])/gu,
    number: (text) => DE_NUMBERS[text] ?? Number(/\d/.exec(text)![0]),
    notOf:
      /(?:klatschen|klatsch|stampfen|stampf|tippen|tipp|tupf|kick|hüpfen|hüpf|wippen|drehen|drehung|herum|warten|halten) $/,
  },
  exits:
    /(?<![\p{L}])(?:in|zu|zur|zum) (?:die |der |den )?(?<hold>[a-zäöü][a-zäöüß -]*?)(?: ?(?:position|haltung|fassung))?(?=$|[,;.!]| und(?![\p{L}]))/u,
  holds: [
    [/^(?:closed|geschlossen[ers]?)$/, 'closed'],
    [/^(?:semi(?:[- ]closed)?|promenaden|promenade)$/, 'semi-closed'],
    [/^butterfly$/, 'butterfly'],
    [/^(?:open facing)$/, 'open facing'],
    [/^(?:open|offen[ers]?)$/, 'open', 'open facing'],
    [/^(?:half open|halboffen[ers]?)$/, 'half open'],
    [/^banjo$/, 'banjo'],
    [/^sidecar$/, 'sidecar'],
    [/^(?:shadow|schatten)$/, 'shadow'],
    [/^tandem$/, 'tandem'],
    [/^(?:wrap)$/, 'wrap'],
    [/^hammerlock$/, 'hammerlock'],
    [/^skaters$/, 'skaters'],
  ],
  facings:
    /(?<![\p{L}])(?:blick|gesicht|schauen|schaut|front|blicken) (?<place>nach innen|nach außen|zur mitte|zur wand|in tanzrichtung|gegen die tanzrichtung|gegen tanzrichtung)(?![\p{L}])/u,
  places: [
    [/innen|mitte/, 'centre'],
    [/außen/, 'out'],
    [/wand/, 'wall'],
    [/gegen/, 'reverse'],
    [/tanzrichtung/, 'line of dance'],
  ],
  follow: /(?<![\p{L}])(?:dame|damen|sie|ihr|partnerin)(?![\p{L}])/u,
  hedged:
    /(?<![\p{L}])(?:nicht|kein|keine|oder|wer|wenn|statt|danach|vorher|nachher|später|nächste[nrs]?|nächstes|kommt|ohne|mal später|andere[nrs]?|letztes mal|erstes mal)(?![\p{L}])/u,
}

export const CLAIM_WORDS: Readonly<Record<CueLanguageId, ClaimWords>> = { en: EN, de: DE }
