/* Made from contracts/ by contracts/types.mjs. Do not edit; run `npm run types`. */

/**
 * of dishes
 */
export type FamilyWord = 'risotto' | 'pan-rice' | 'soupy-rice';
/**
 * of rice
 */
export type VarietyWord =
  'arborio' | 'carnaroli' | 'vialone-nano' | 'bomba' | 'round' | 'sushi' | 'parboiled';
/**
 * schools of dosing a risotto
 */
export type DosesWord = 'ladle-by-ladle' | 'little-and-often' | 'kept-covered' | 'cooked-down' | 'one-pour';
/**
 * how much the spoon moves
 */
export type StirringWord = 'constant' | 'now-and-then' | 'never';
/**
 * of the grain
 */
export type ToastingWord = 'quick' | 'medium' | 'slow';
/**
 * how the crust of a pan rice is made
 */
export type CrustSchoolWord = 'short-and-hot' | 'long-and-gentle';
/**
 * wished for
 */
export type CrustWord = 'none' | 'gold' | 'dark';
/**
 * what it scales with
 */
export type ScalesWord = 'main' | 'plate' | 'floor' | 'pan';
/**
 * what the tooth says
 */
export type BiteWord = 'hard heart' | 'crunchy' | 'firm heart' | 'right' | 'soft' | 'mush';
/**
 * @minItems 1
 */
export type Heat = {
  /**
   * min
   */
  from_min: number;
  setting: string;
  /**
   * W
   */
  net_w: number;
}[];
/**
 * of an ingredient
 */
export type UnitWord = 'g' | 'ml' | 'pieces';
export type Stages = {
  /**
   * min of the cook; 0 is the first liquid
   */
  at_min: number;
  kind:
    | 'toast'
    | 'wine'
    | 'pour'
    | 'heat'
    | 'stir'
    | 'level'
    | 'add'
    | 'lid'
    | 'taste'
    | 'off'
    | 'finish'
    | 'rest'
    | 'crust'
    | 'serve';
  /**
   * mL
   */
  volume_ml: number | null;
  /**
   * of the ladle in hand
   */
  ladles: number | null;
  /**
   * where the knob stands from here
   */
  setting: string | null;
  /**
   * the sign to wait for or to look at
   */
  say: string;
  say_fact?: Fact;
  /**
   * what goes in, where it is neither stock nor wine
   */
  item?: {
    name: string;
    /**
     * in its unit, for all covers
     */
    amount: number;
    unit: UnitWord;
  } | null;
}[];
/**
 * One touch at the stove. Posting the same event twice is one event.
 */
export type CookEvent = {
  kind:
    | 'start'
    | 'done'
    | 'pour'
    | 'undo'
    | 'verdict'
    | 'abandon'
    | 'splash'
    | 'lift'
    | 'heat'
    | 'lid'
    | 'sign'
    | 'not-yet'
    | 'taste'
    | 'weigh'
    | 'trouble'
    | 'note';
  [k: string]: unknown | undefined;
} & (
  | CookEventStart
  | CookEventDone
  | CookEventPour
  | CookEventUndo
  | CookEventVerdict
  | CookEventAbandon
  | CookEventSplash
  | CookEventLift
  | CookEventHeat
  | CookEventLid
  | CookEventSign
  | CookEventNotYet
  | CookEventTaste
  | CookEventWeigh
  | CookEventTrouble
  | CookEventNote
);
/**
 * how a plate lies, each family its own words
 */
export type LoosenessWord =
  'stands' | 'slow slump' | 'wave' | 'very loose' | 'creamy' | 'loose' | 'soup' | 'dry' | 'moist';
/**
 * the floor of a pan rice
 */
export type BrowningWord = 'pale' | 'gold' | 'dark' | 'burnt';
/**
 * what a cook sees or hears in the pan
 */
export type SignWord =
  | 'wine-gone'
  | 'dry-trail'
  | 'grains-show'
  | 'crackle'
  | 'spoon-resists'
  | 'boils'
  | 'stands'
  | 'slow-slump'
  | 'wave'
  | 'very-loose'
  | 'creamy'
  | 'loose'
  | 'soup';
/**
 * what the cook saw go wrong
 */
export type TroubleWord =
  | 'hard-and-dry'
  | 'hard-and-wet'
  | 'soft-outside'
  | 'swimming'
  | 'tight'
  | 'catching'
  | 'wet-late'
  | 'dry-early'
  | 'top-hard'
  | 'pale-rim'
  | 'bitter'
  | 'too-salty'
  | 'stock-out'
  | 'set-up';
/**
 * what amounts are read in
 */
export type UnitsWord = 'metric' | 'us';
/**
 * of a ring
 */
export type FuelWord = 'gas' | 'induction';
/**
 * what a stock is made of
 */
export type BaseWord = 'vegetable' | 'mushroom' | 'fish' | 'shellfish' | 'poultry' | 'meat';
/**
 * the fourteen of Regulation (EU) No 1169/2011, annex II
 */
export type AllergenWord =
  | 'celery'
  | 'crustaceans'
  | 'egg'
  | 'fish'
  | 'gluten'
  | 'lupin'
  | 'milk'
  | 'molluscs'
  | 'mustard'
  | 'nuts'
  | 'peanuts'
  | 'sesame'
  | 'soy'
  | 'sulphites';
/**
 * ways of making a crust
 */
export type CrustSchoolWord1 = 'short-and-hot' | 'long-and-gentle';
/**
 * who it is meant for
 */
export type DietWord = 'vegan' | 'vegetarian' | 'pescatarian' | 'any';
/**
 * scales with the rice (a starter takes its share), with the plates, with each 100 cm² of floor, or not at all
 */
export type ScalesWord1 = 'main' | 'plate' | 'floor' | 'pan';
/**
 * what a guest eats, strictest first
 */
export type DietWord1 = 'vegan' | 'vegetarian' | 'pescatarian' | 'any';
/**
 * in a kitchen
 */
export type RoleWord = 'chef' | 'cook' | 'trainee';
/**
 * of the floor
 */
export type BrowningWord1 = 'pale' | 'gold' | 'dark' | 'burnt';
/**
 * what speaks for itself at a ring
 */
export type DeviceWord = 'scale' | 'probe' | 'knob';
/**
 * read last; null: nothing was heard yet
 */
export type Reading = {
  /**
   * g on a scale, °C of a probe
   */
  value: number | null;
  /**
   * where the knob stands; off when it is turned off
   */
  mark: string | null;
  /**
   * by the device
   */
  at: string;
} | null;
/**
 * a pan that a kitchen can be set up with
 */
export type KitPanWord = 'sautoir-24' | 'sautoir-28' | 'rondeau-36' | 'wide-34' | 'wide-42' | 'pot-8';
/**
 * a ring that a kitchen can be set up with
 */
export type KitRingWord = 'gas' | 'gas-strong' | 'gas-big' | 'induction';
/**
 * hours of the day
 */
export type ClockWord = '12' | '24';
/**
 * in a kitchen
 */
export type RoleWord1 = 'chef' | 'cook' | 'trainee';
/**
 * what amounts are read in
 */
export type UnitsWord1 = 'metric' | 'us';
/**
 * what the tooth says
 */
export type BiteWord1 = 'hard heart' | 'crunchy' | 'firm heart' | 'right' | 'soft' | 'mush';
/**
 * of the floor
 */
export type BrowningWord2 = 'pale' | 'gold' | 'dark' | 'burnt';
/**
 * what a cook sees go wrong
 */
export type TroubleWord1 =
  | 'hard-and-dry'
  | 'hard-and-wet'
  | 'soft-outside'
  | 'swimming'
  | 'tight'
  | 'catching'
  | 'wet-late'
  | 'dry-early'
  | 'top-hard'
  | 'pale-rim'
  | 'bitter'
  | 'too-salty'
  | 'stock-out'
  | 'set-up';

export interface Contracts {
  'archive-came.json': ArchiveCame;
  'archive-cook.json': ArchiveCook;
  'archive-head.json': ArchiveHead;
  'archive.json': Archive;
  'around.json': Around;
  'ask.json': Ask;
  'behind-link.json': BehindLink;
  'boil-off.json': BoilOffEntry;
  'burner.json': BurnerEntry;
  'choices.json': Choices;
  'cook-event.json': CookEvent;
  'cook.json': Cook;
  'device-key.json': DeviceKey;
  'device-pan.json': DevicePan;
  'device.json': DeviceEntry;
  'dish-body.json': DishBody;
  'dish-entry.json': DishEntry;
  'dish-page.json': DishPage;
  'dish.json': DishExport;
  'door-link.json': DoorLink;
  'fact.json': Fact;
  'farewell.json': Farewell;
  'forgotten.json': Forgotten;
  'hand.json': Hand;
  'house.json': House;
  'imported.json': Imported;
  'invitation.json': Invitation;
  'join.json': Join;
  'kitchen.json': Kitchen;
  'ladle.json': LadleEntry;
  'log.json': Log;
  'me.json': Me;
  'new-kitchen.json': NewKitchen;
  'new-password.json': NewPassword;
  'pan-holds.json': PanHolds;
  'pan.json': PanEntry;
  'people.json': People;
  'person.json': Person;
  'pin.json': Pin;
  'plan-request.json': PlanRequest;
  'plan.json': Plan;
  'problem.json': Problem;
  'reading.json': Reading;
  'reset.json': Reset;
  'rice.json': RiceEntry;
  'safety.json': Safety;
  'session.json': Session;
  'set-up.json': SetUp;
  'sign-in.json': SignIn;
  'simulation-request.json': SimulationRequest;
  'simulation.json': Simulation;
  'start-cook.json': StartCook;
  'stock.json': StockEntry;
  'token.json': Token;
  'ways-back.json': WaysBack;
  'working.json': Working;
}
/**
 * A part of an archive was taken in.
 */
export interface ArchiveCame {
  format: 'velko.archive-came/1';
  cooks_to_come: number;
}
/**
 * One cook in the archive of a kitchen: a line of velko.archive/2.
 */
export interface ArchiveCook {
  id: string;
  by: string;
  /**
   * RFC 3339
   */
  table_at: string;
  /**
   * its name, where the kitchen still has it
   */
  dish: string | null;
  /**
   * as the dish
   */
  pan: string | null;
  /**
   * as the dish
   */
  burner: string | null;
  request: PlanRequest;
  working: Working;
  /**
   * @maxItems 2000
   */
  events: {
    event: CookEvent;
    by: string;
    /**
     * RFC 3339, by the server's clock
     */
    received_at: string;
    /**
     * RFC 3339; where the server's clock says another moment than the event does
     */
    at?: string;
    /**
     * its clock cannot be right: kept, not counted
     */
    out_of_time?: boolean;
  }[];
}
/**
 * What a cook asks of the engine. Minute 0 is the first liquid on the rice.
 */
export interface PlanRequest {
  format: 'velko.plan-request/1';
  family: FamilyWord;
  covers: number;
  rice: {
    variety: VarietyWord;
    /**
     * g raw
     */
    grams_per_cover?: number;
    /**
     * low and high end, min at 100 °C
     *
     * @minItems 2
     * @maxItems 2
     *
     * Items: min at 100 °C
     */
    window_min?: number[];
  };
  kitchen?: {
    /**
     * m above the sea
     */
    altitude_m?: number;
    /**
     * °C
     */
    room_c?: number;
    /**
     * °C, of the plates it is served on; a pan rice stays in its pan
     */
    plates_c?: number;
  };
  pan?: {
    /**
     * cm
     */
    base_diameter_cm?: number;
    /**
     * cm, not less than the base
     */
    rim_diameter_cm?: number;
    /**
     * cm
     */
    height_cm?: number;
    /**
     * J/K
     */
    metal_j_per_k?: number;
  };
  burner?: {
    /**
     * cm
     */
    ring_diameter_cm?: number;
    /**
     * net power by mark on the knob
     */
    net_w?: {
      /**
       * W into boiling contents
       */
      [k: string]: number | undefined;
    };
  };
  stock?: {
    /**
     * °C
     */
    temperature_c?: number;
    /**
     * g per 100 g
     */
    salt_percent?: number;
    /**
     * mL, when it is settled and the heat is to be found for it; pan rice only
     */
    volume_ml?: number;
    /**
     * cm, of the open side pot; 0 when the stock is kept covered
     */
    pot_diameter_cm?: number;
    /**
     * min it steams before the first liquid
     */
    held_min?: number;
  };
  /**
   * mL
   */
  wine_ml?: number;
  /**
   * mL
   */
  ladle_ml?: number;
  method?: {
    doses?: DosesWord;
    stirring?: StirringWord;
    /**
     * @minItems 1
     * @maxItems 40
     */
    heat?: {
      /**
       * min of the cook
       */
      from_min: number;
      setting: string;
    }[];
    sealed?: boolean;
    rinsed?: boolean;
    /**
     * min
     */
    soak_min?: number;
    /**
     * min
     */
    finish_min?: number;
    /**
     * min
     */
    rest_min?: number;
    rest_covered?: boolean;
    toast?: ToastingWord;
    /**
     * @maxItems 40
     */
    lid?: {
      /**
       * min of the cook
       */
      from_min: number;
      on: boolean;
    }[];
    crust?: CrustSchoolWord;
    /**
     * the two marks of a pan rice, when only the moment of turning is to be found
     */
    pan_heat?: {
      /**
       * until the grains show
       */
      hot: string;
      /**
       * until the pan is dry
       */
      gentle: string;
    };
  };
  finish?: {
    /**
     * g
     */
    butter_g_per_cover?: number;
    /**
     * g, hard and finely grated
     */
    cheese_g_per_cover?: number;
    butter_salted?: boolean;
    /**
     * °C
     */
    butter_temperature_c?: number;
  };
  target?: {
    /**
     * g free liquid per g raw rice
     */
    looseness?: number;
    /**
     * min
     */
    minutes_to_table?: number;
    crust?: CrustWord;
  };
  /**
   * g of everything else on the plate: it takes up salt
   */
  extras_g_per_cover?: number;
}
/**
 * The worked-out pan, on the kitchen's clock.
 */
export interface Working {
  format: 'velko.working/1';
  ask: Ask;
  dish: {
    name: string;
    family: FamilyWord;
    rice: string;
    stock: string;
    finish: string;
    /**
     * how to stir, in words
     */
    stirring: string;
    /**
     * @minItems 2
     * @maxItems 2
     */
    window_min: number[];
    garnish: string;
    /**
     * g raw
     */
    grams_main: number;
    /**
     * g raw
     */
    grams_starter: number;
  };
  pan: {
    name: string;
    base_cm: number;
    rim_cm: number;
    height_cm: number;
  };
  burner: {
    name: string;
    ring_cm: number;
    marks: {
      mark: string;
      net_w: number;
      measured: boolean;
    }[];
    /**
     * where the knob stands
     */
    mark: string;
  };
  ladle_ml: number;
  /**
   * of the sauce; indicative
   */
  body: 'thin' | 'creamy' | 'heavy' | 'gluey';
  clock: {
    /**
     * RFC 3339, in the kitchen's time zone
     */
    toast_at: string;
    /**
     * RFC 3339, in the kitchen's time zone
     */
    first_liquid_at: string;
    /**
     * RFC 3339, in the kitchen's time zone
     */
    pull_at: string;
    /**
     * RFC 3339, in the kitchen's time zone
     */
    table_at: string;
    /**
     * minutes from now until the first hand is needed; negative when it is too late
     */
    starts_in_min: number;
  };
  offers: {
    /**
     * code of the warning it answers
     */
    warning: string;
    label: string;
    label_fact?: Fact;
    /**
     * fields of the ask to set
     */
    change: {
      pan_id?: number;
      burner_id?: number;
      heat?: string | null;
      covers?: number;
      table_at?: string;
      /**
       * the two marks of a pan rice; null lets Velko choose
       */
      pan_heat?: {
        hot: string;
        gentle: string;
      } | null;
      table_on?: string | null;
      starters?: number;
    };
  }[];
  batches: {
    pan: string;
    burner: string;
    covers: number;
    /**
     * covers it would hold
     */
    most: number;
    /**
     * pans of one round cook at once; the next round when they are free again
     */
    round: number;
    /**
     * on the kitchen's clock
     */
    table_at: string;
    /**
     * fields of the ask to set
     */
    change: {
      [k: string]: unknown | undefined;
    };
  }[];
  /**
   * what is weighed out beforehand
   */
  mise: {
    name: string;
    /**
     * in its unit, for all
     */
    amount: number;
    unit: string;
    goes: string;
    /**
     * of the cook
     */
    minute: number | null;
    /**
     * what it scales with
     */
    per: string;
    scales?: ScalesWord;
  }[];
  /**
   * what else must be ready, in order of its start
   */
  prep: {
    what: string;
    what_fact?: Fact;
    /**
     * RFC 3339
     */
    start_at: string;
    /**
     * RFC 3339
     */
    ready_at: string;
    takes_min: number;
    hands_min: number;
    ahead: boolean;
    /**
     * its start is past and it cannot be done ahead
     */
    late: boolean;
  }[];
  served: {
    /**
     * who the dish is meant for
     */
    wanted: string;
    /**
     * who may eat it
     */
    suits: string;
    allergens: {
      allergen: string;
      from: string[];
    }[];
    /**
     * parts whose allergens or diet nobody has said: while there is one, the rest is what is known at the least
     */
    unknown?: string[];
  };
  cautions: string[];
  cautions_facts?: Fact[];
  plan: Plan;
}
/**
 * What a signed-in cook asks, in the kitchen's own pans and dishes.
 */
export interface Ask {
  format: 'velko.ask/1';
  dish_id: number;
  covers: number;
  portion: 'main' | 'starter';
  /**
   * null lets Velko choose the smallest pan that takes the covers
   */
  pan_id: number | null;
  /**
   * null lets Velko choose the smallest ring that serves the pan
   */
  burner_id: number | null;
  /**
   * 24-hour clock in the kitchen's time zone, HH:MM
   */
  table_at: string;
  /**
   * mark on the knob; null lets Velko choose
   */
  heat?: string | null;
  /**
   * starters of the same dish in the same pan, besides the mains
   */
  starters?: number;
  /**
   * the two marks of a pan rice; null lets Velko choose
   */
  pan_heat?: {
    hot: string;
    gentle: string;
  } | null;
  /**
   * day in the kitchen's time zone; null: the next time the clock shows table_at
   */
  table_on?: string | null;
}
/**
 * What a text beside it says: a code, and the quantities its words need. The words are made from it in the reader's language and units.
 */
export interface Fact {
  /**
   * of a message in lang/en/engine.json
   */
  code: string;
  /**
   * what its words need; absent where they need nothing
   */
  args?: {
    [k: string]:
      | string
      | number
      | boolean
      | {
          /**
           * mL
           */
          ml: number;
        }
      | {
          /**
           * g
           */
          g: number;
        }
      | {
          /**
           * s
           */
          s: number;
        }
      | {
          /**
           * °C
           */
          c: number;
        }
      | {
          /**
           * W
           */
          w: number;
        }
      | {
          /**
           * mL to a gram of rice
           */
          ml_per_g: number;
        }
      | {
          /**
           * mm
           */
          mm: number;
          /**
           * what it is read in
           */
          in: 'mm' | 'cm' | 'm';
        }
      | Fact
      | (string | Fact)[]
      | undefined;
  };
}
/**
 * The answer to a plan request.
 */
export interface Plan {
  format: 'velko.plan/1';
  /**
   * g raw
   */
  rice_g: number;
  /**
   * all doses, mL
   */
  stock_ml: number;
  /**
   * held back on top, mL
   */
  reserve_ml: number;
  ratio: {
    /**
     * stock to raw rice
     */
    ml_per_g: number;
    /**
     * parts of stock to one of raw rice
     */
    by_volume: number;
  };
  balance: {
    stock_ml: number;
    wine_ml: number;
    drunk_g: number;
    boiled_off_g: number;
    free_g: number;
    lifted_out_g: number;
  };
  side_pot: {
    /**
     * mL that the open pot loses while it is held
     */
    gives_off_ml: number;
    /**
     * stock to put on: doses, reserve and what the pot gives off
     */
    make_ml: number;
  };
  timing: {
    pull_min: number;
    dry_min: number | null;
    /**
     * minute of the cook at which it is ready at the pass
     */
    pass_min: number;
    table_min: number;
    /**
     * last minute of the cook to leave the pass and still be right on the table; null when it can wait
     */
    leave_pass_min: number | null;
  };
  at_table: {
    /**
     * g/g
     */
    looseness: number;
    /**
     * min at 100 °C
     */
    doneness_min: number;
    bite: BiteWord;
    drunk_g_per_g: number;
    temperature_c: number;
  };
  layer_mm: number;
  heat: Heat;
  stages: Stages;
  track: {
    min: number[];
    free_g: number[];
    drunk_g_per_g: number[];
    temperature_c: number[];
    doneness_min: number[];
  };
  crust: {
    /**
     * min from dry, on the plan's setting, the pan left in the middle of the ring
     */
    centre_gold_min: number | null;
    /**
     * likewise
     */
    rim_gold_min: number | null;
    /**
     * min from dry until the first part is burnt, likewise
     */
    burnt_min: number | null;
    /**
     * for the crust
     */
    setting: string | null;
    /**
     * every part of the floor gets there without any burning; null without a crust
     */
    even: boolean | null;
    moves: {
      /**
       * min of the cook
       */
      from_min: number;
      seconds: number;
      /**
       * of the pan's middle from the ring's; turned step by step meanwhile
       */
      shift_cm: number;
    }[];
    rings: {
      /**
       * outer edge, share of the floor's radius
       */
      to: number;
      /**
       * browning when it comes off, min at 150 °C: gold 1, dark 2, burnt 3
       */
      palest: number;
      /**
       * likewise
       */
      darkest: number;
    }[];
    by_setting: {
      setting: string;
      /**
       * W
       */
      net_w: number;
      centre_gold_min: number | null;
      centre_burnt_min: number | null;
      rim_gold_min: number | null;
      rim_burnt_min: number | null;
    }[];
  };
  pass: {
    /**
     * minutes after it is ready
     */
    at_min: number;
    /**
     * g/g
     */
    looseness: number;
    /**
     * hot stock that brings it back, mL
     */
    loosen_ml: number;
    temperature_c: number;
    bite: BiteWord;
  }[];
  /**
   * brought by butter and cheese, all covers
   */
  finish: {
    water_g: number;
    fat_g: number;
    salt_g: number;
    /**
     * g, all covers
     */
    butter_g?: number;
    /**
     * g, all covers
     */
    cheese_g?: number;
  };
  salt: {
    percent_at_table: number;
    sodium_mg_per_cover: number;
  };
  alcohol: {
    /**
     * of what the wine brought
     */
    left_percent: number;
    g_per_cover: number;
  };
  /**
   * each number as the sum of its terms
   */
  explain: {
    [k: string]:
      | {
          term: string;
          /**
           * of the term
           */
          code?: string;
          /**
           * in the number's own unit; what is taken away is negative
           */
          value: number;
        }[]
      | undefined;
  };
  warnings: {
    code: string;
    message: string;
    message_fact?: Fact;
    fix: string;
    fix_fact?: Fact;
  }[];
  /**
   * what the request left out, as it was taken
   */
  assumed: {
    [k: string]: unknown | undefined;
  };
  /**
   * false: it does not stay in its pan, or never gets done; its numbers are no plan to cook by
   */
  possible?: boolean;
}
export interface CookEventStart {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'start';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
}
export interface CookEventDone {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'done';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * index of the stage in the plan
   */
  stage: number;
  /**
   * where the knob was turned to, where that is not what the plan said
   */
  setting?: string;
}
export interface CookEventPour {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'pour';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * index of the stage in the plan
   */
  stage: number;
  /**
   * mL
   */
  volume_ml: number;
}
export interface CookEventUndo {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'undo';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * made by the device, RFC 9562, lower case
   */
  event: string;
}
export interface CookEventVerdict {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'verdict';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  looseness: LoosenessWord;
  bite: BiteWord;
  crust?: BrowningWord;
  note?: string;
}
export interface CookEventAbandon {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'abandon';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
}
export interface CookEventSplash {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'splash';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * mL that went in beside the plan
   */
  volume_ml: number;
  /**
   * hot water in place of stock
   */
  water: boolean;
  /**
   * the stove asked for it, though the plan does not have it
   */
  asked?: boolean;
  /**
   * the trouble whose way back this is part of
   */
  with?: string;
}
export interface CookEventLift {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'lift';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * mL lifted out
   */
  volume_ml: number;
  /**
   * the stove asked for it, though the plan does not have it
   */
  asked?: boolean;
  /**
   * the trouble whose way back this is part of
   */
  with?: string;
}
export interface CookEventHeat {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'heat';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * where the knob was turned to: a mark of the ring the pan is on
   */
  mark: string;
  /**
   * the stove asked for it, though the plan does not have it
   */
  asked?: boolean;
  /**
   * the trouble whose way back this is part of
   */
  with?: string;
}
export interface CookEventLid {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'lid';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  on: boolean;
  /**
   * the trouble whose way back this is part of
   */
  with?: string;
}
export interface CookEventSign {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'sign';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  sign: SignWord;
}
export interface CookEventNotYet {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'not-yet';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * index of the stage in the plan
   */
  stage: number;
}
export interface CookEventTaste {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'taste';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  taste: 'crunchy' | 'nearly' | 'right' | 'soft';
}
export interface CookEventWeigh {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'weigh';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * g, pan and all
   */
  gross_g: number;
  /**
   * g, the empty pan
   */
  tare_g: number;
  /**
   * g in the pan besides rice and liquid
   */
  extras_g: number;
}
export interface CookEventTrouble {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'trouble';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  what: TroubleWord;
}
export interface CookEventNote {
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  kind: 'note';
  /**
   * device time, UTC, milliseconds
   */
  at: string;
  /**
   * what to remember of a pan without a plate
   */
  note: string;
}
/**
 * The first line of velko.archive/2: all of a kitchen but its log, and how many lines of that follow.
 */
export interface ArchiveHead {
  format: 'velko.archive/2';
  house: {
    name: string;
    /**
     * m
     */
    altitude_m: number;
    /**
     * °C
     */
    room_c: number;
    /**
     * °C, of the plates as they are held
     */
    plates_c?: number;
    /**
     * IANA name
     */
    timezone: string;
    units: UnitsWord;
    safety?: Safety;
  };
  /**
   * @maxItems 40
   */
  pans: {
    name: string;
    /**
     * cm
     */
    base_cm: number;
    /**
     * cm
     */
    rim_cm: number;
    /**
     * cm
     */
    height_cm: number;
    /**
     * J/K
     */
    metal_j_per_k: number;
    /**
     * g, empty; null or absent: not weighed yet
     */
    weight_g?: number | null;
  }[];
  /**
   * @maxItems 24
   */
  burners: {
    name: string;
    /**
     * cm
     */
    ring_cm: number;
    fuel: FuelWord;
    /**
     * W
     */
    rated_w: number;
    /**
     * @minItems 1
     * @maxItems 20
     */
    marks: {
      mark: string;
      /**
       * of the rated power
       */
      share: number;
      /**
       * W, measured; null: estimated from the share
       */
      net_w: number | null;
    }[];
    /**
     * @maxItems 1000
     */
    tests: {
      mark: string;
      /**
       * by its name
       */
      pan: string;
      /**
       * g
       */
      before_g: number;
      /**
       * g
       */
      after_g: number;
      /**
       * min
       */
      minutes: number;
      /**
       * RFC 3339
       */
      at: string;
    }[];
  }[];
  /**
   * @maxItems 12
   */
  ladles: {
    /**
     * mL
     */
    ml: number;
  }[];
  /**
   * @maxItems 60
   */
  rices: {
    name: string;
    variety: VarietyWord;
    /**
     * low and high end as printed on the packet; null takes the variety's
     *
     * @minItems 2
     * @maxItems 2
     */
    window_min: number[] | null;
    /**
     * g in the kitchen's cup, level; null: not weighed
     */
    grams_per_cup: number | null;
  }[];
  /**
   * @maxItems 60
   */
  stocks: {
    name: string;
    base: BaseWord;
    /**
     * g per 100 g
     */
    salt_percent: number;
    /**
     * °C
     */
    held_at_c: number;
    /**
     * mL that is made at once; null: as needed
     */
    batch_ml: number | null;
    /**
     * null: nobody has said
     *
     * @maxItems 14
     */
    allergens: AllergenWord[] | null;
  }[];
  /**
   * @maxItems 400
   */
  dishes: {
    /**
     * by its name
     */
    rice: string;
    /**
     * by its name
     */
    stock: string;
    dish: DishBody;
    /**
     * @maxItems 500
     */
    versions: {
      number: number;
      /**
       * RFC 3339
       */
      at: string;
      document: DishExport;
    }[];
  }[];
  /**
   * lines that follow, one cook each, oldest first
   */
  cooks: number;
}
/**
 * What the kitchen's code asks its food to reach; built in from the FDA Food Code 2022. The local code decides.
 */
export interface Safety {
  /**
   * °C, fish and shellfish
   */
  fish_c: number;
  /**
   * °C
   */
  poultry_c: number;
  /**
   * °C, whole cuts
   */
  meat_c: number;
  /**
   * °C
   */
  hot_holding_c: number;
  /**
   * days that cooked rice may keep, cold
   */
  fridge_days: number;
}
/**
 * A dish as cooks think of it, without its rice and its stock.
 */
export interface DishBody {
  name: string;
  family: FamilyWord;
  /**
   * g raw
   */
  grams_main: number;
  /**
   * g raw
   */
  grams_starter: number;
  /**
   * mL
   */
  wine_ml_per_80_g: number;
  doses: DosesWord;
  stirring: StirringWord;
  /**
   * toasted in fat
   */
  sealed: boolean;
  toast: ToastingWord;
  rinsed: boolean;
  /**
   * min
   */
  soak_min: number;
  /**
   * min
   */
  finish_min: number;
  /**
   * min
   */
  rest_min: number;
  rest_covered: boolean;
  /**
   * g/g
   */
  looseness: number;
  crust: CrustWord;
  crust_school: CrustSchoolWord1;
  /**
   * min from the pass
   */
  minutes_to_table: number;
  diet: DietWord;
  finish: string;
  /**
   * g
   */
  butter_g_per_80_g: number;
  butter_salted: boolean;
  /**
   * g
   */
  cheese_g_per_80_g: number;
  garnish: string;
  /**
   * @maxItems 60
   */
  ingredients: {
    name: string;
    /**
     * in its unit
     */
    amount: number;
    unit: UnitWord;
    per: ScalesWord1;
    goes: 'base' | 'with-the-rice' | 'at-minute' | 'nine-tenths-gone' | 'last-two-minutes' | 'on-top';
    /**
     * min of the cook, for at-minute
     */
    minute: number | null;
    /**
     * the strictest diet that it suits; null: nobody has said
     */
    suits: DietWord1 | null;
    /**
     * null: nobody has said
     *
     * @maxItems 14
     */
    allergens: AllergenWord[] | null;
  }[];
  /**
   * @maxItems 30
   */
  side_work: {
    what: string;
    /**
     * when it must be ready
     */
    ready: 'rice' | 'stock' | 'last-dose' | 'table';
    /**
     * min
     */
    takes_min: number;
    /**
     * min of hands in it
     */
    hands_min: number;
    /**
     * can be done before service
     */
    ahead: boolean;
  }[];
}
/**
 * A dish whole, to be carried from one kitchen to another.
 */
export interface DishExport {
  format: 'velko.dish/1';
  rice: {
    name: string;
    variety: VarietyWord;
    /**
     * low and high end as printed on the packet; null takes the variety's
     *
     * @minItems 2
     * @maxItems 2
     */
    window_min: number[] | null;
    /**
     * g in the kitchen's cup, level; null: not weighed
     */
    grams_per_cup: number | null;
  };
  stock: {
    name: string;
    base: BaseWord;
    /**
     * g per 100 g
     */
    salt_percent: number;
    /**
     * °C
     */
    held_at_c: number;
    /**
     * mL that is made at once; null: as needed
     */
    batch_ml: number | null;
    /**
     * null: nobody has said
     *
     * @maxItems 14
     */
    allergens: AllergenWord[] | null;
  };
  dish: DishBody;
}
/**
 * A kitchen whole: all it has entered of itself and all it cooked, to be kept or carried into another.
 */
export interface Archive {
  format: 'velko.archive/1';
  house: {
    name: string;
    /**
     * m
     */
    altitude_m: number;
    /**
     * °C
     */
    room_c: number;
    /**
     * °C, of the plates as they are held
     */
    plates_c?: number;
    /**
     * IANA name
     */
    timezone: string;
    units: UnitsWord;
    safety?: Safety;
  };
  /**
   * @maxItems 200
   */
  pans: {
    name: string;
    /**
     * cm
     */
    base_cm: number;
    /**
     * cm
     */
    rim_cm: number;
    /**
     * cm
     */
    height_cm: number;
    /**
     * J/K
     */
    metal_j_per_k: number;
    /**
     * g, empty; null or absent: not weighed yet
     */
    weight_g?: number | null;
  }[];
  /**
   * @maxItems 100
   */
  burners: {
    name: string;
    /**
     * cm
     */
    ring_cm: number;
    fuel: FuelWord;
    /**
     * W
     */
    rated_w: number;
    /**
     * @minItems 1
     * @maxItems 20
     */
    marks: {
      mark: string;
      /**
       * of the rated power
       */
      share: number;
      /**
       * W, measured; null: estimated from the share
       */
      net_w: number | null;
    }[];
    /**
     * @maxItems 1000
     */
    tests: {
      mark: string;
      /**
       * by its name
       */
      pan: string;
      /**
       * g
       */
      before_g: number;
      /**
       * g
       */
      after_g: number;
      /**
       * min
       */
      minutes: number;
      /**
       * RFC 3339
       */
      at: string;
    }[];
  }[];
  /**
   * @maxItems 50
   */
  ladles: {
    /**
     * mL
     */
    ml: number;
  }[];
  /**
   * @maxItems 200
   */
  rices: {
    name: string;
    variety: VarietyWord;
    /**
     * low and high end as printed on the packet; null takes the variety's
     *
     * @minItems 2
     * @maxItems 2
     */
    window_min: number[] | null;
    /**
     * g in the kitchen's cup, level; null: not weighed
     */
    grams_per_cup: number | null;
  }[];
  /**
   * @maxItems 200
   */
  stocks: {
    name: string;
    base: BaseWord;
    /**
     * g per 100 g
     */
    salt_percent: number;
    /**
     * °C
     */
    held_at_c: number;
    /**
     * mL that is made at once; null: as needed
     */
    batch_ml: number | null;
    /**
     * null: nobody has said
     *
     * @maxItems 14
     */
    allergens: AllergenWord[] | null;
  }[];
  /**
   * @maxItems 500
   */
  dishes: {
    /**
     * by its name
     */
    rice: string;
    /**
     * by its name
     */
    stock: string;
    dish: DishBody;
    /**
     * @maxItems 500
     */
    versions: {
      number: number;
      /**
       * RFC 3339
       */
      at: string;
      document: DishExport;
    }[];
  }[];
  /**
   * the log, oldest first; an archive from before there was one has none
   *
   * @maxItems 20000
   */
  cooks?: ArchiveCook[];
}
/**
 * What the same pan would come to if one thing about it were different.
 */
export interface Around {
  format: 'velko.around/1';
  /**
   * the same dish in the same pan on the same heat, for rising covers: what a gram of rice takes
   */
  scale: {
    covers: number;
    ml_per_g: number;
    /**
     * mL per g raw rice
     */
    drunk: number;
    /**
     * mL per g
     */
    boiled_off: number;
    /**
     * mL per g
     */
    sauce: number;
  }[];
  what_if: {
    /**
     * in a cook's words
     */
    what: string;
    what_fact: Fact;
    stock_ml: number;
    /**
     * mL more than as asked
     */
    stock_by: number;
    ml_per_g: number;
    ml_per_g_by: number;
    pull_min: number;
    /**
     * min later than as asked
     */
    pull_by: number;
    because: string;
    because_fact: Fact;
  }[];
  as_asked: Side;
  swaps: {
    /**
     * what it stands in for
     */
    kind: 'wine' | 'rice' | 'stock' | 'pan';
    what: string;
    what_fact: Fact;
    stock_by: number;
    pull_by: number;
    changes: string[];
    changes_facts: Fact[];
    warnings: string[];
    warnings_facts: Fact[];
    after: Side;
    /**
     * what to change in velko.ask/1 to take it; null where the ask does not say it
     */
    take: {
      pan_id: number;
      burner_id: number;
      heat: null;
    } | null;
  }[];
  /**
   * swaps, and points of the curve and questions, that would have taken too long in this pan
   */
  left_out: number;
}
export interface Side {
  /**
   * mL
   */
  stock_ml: number;
  /**
   * mL
   */
  wine_ml: number;
  /**
   * g raw
   */
  rice_g: number;
  /**
   * mL of stock per g raw rice
   */
  ml_per_g: number;
  /**
   * g, in the pan
   */
  drunk_g: number;
  /**
   * g
   */
  boiled_off_g: number;
  /**
   * min from the first liquid
   */
  pull_min: number;
  /**
   * min from the first liquid
   */
  table_min: number;
  /**
   * mm when it leaves the heat
   */
  layer_mm: number;
  /**
   * g free per g raw rice, at the table
   */
  looseness: number;
  bite: string;
  /**
   * indicative
   */
  body: string;
  /**
   * % of the plate
   */
  salt_percent: number;
  /**
   * g a cover
   */
  alcohol_g: number;
}
/**
 * What a link lets one do.
 */
export interface BehindLink {
  format: 'velko.behind-link/1';
  for: 'join' | 'password';
  kitchen: string;
  role: RoleWord | null;
  name: string | null;
  email: string | null;
  /**
   * RFC 3339
   */
  expires_at: string;
}
/**
 * A pan of boiling water weighed, left on one mark, weighed again.
 */
export interface BoilOffEntry {
  format: 'velko.boil-off/1';
  mark: string;
  pan_id: number;
  /**
   * g
   */
  before_g: number;
  /**
   * g, less than before
   */
  after_g: number;
  /**
   * min
   */
  minutes: number;
}
/**
 * One ring as it is entered, its marks weakest first.
 */
export interface BurnerEntry {
  format: 'velko.burner/1';
  name: string;
  /**
   * cm
   */
  ring_cm: number;
  fuel: FuelWord;
  /**
   * W
   */
  rated_w: number;
  /**
   * @minItems 1
   * @maxItems 20
   */
  marks: {
    mark: string;
    /**
     * of the rated power
     */
    share: number;
    /**
     * W, measured; null: estimated from the share
     */
    net_w: number | null;
  }[];
}
/**
 * What each choice of method does to the numbers of a pan, side by side.
 */
export interface Choices {
  format: 'velko.choices/1';
  choices: {
    choice: string;
    options: {
      label: string;
      /**
       * as the dish has it
       */
      chosen: boolean;
      stock_ml: number;
      ml_per_g: number;
      /**
       * min of the cook
       */
      pull_min: number;
      /**
       * min of stirring, pouring and turning until the pull
       */
      hands_min: number;
      /**
       * indicative
       */
      body: string;
      note: string;
      note_fact: Fact;
      /**
       * its code
       */
      school: string;
    }[];
    code: 'doses' | 'stirring' | 'toast' | 'crust-school' | 'crust' | 'soak';
  }[];
  /**
   * choices that would have taken too long in this pan
   */
  left_out: number;
}
/**
 * One cook: what was planned, what happened.
 */
export interface Cook {
  format: 'velko.cook/1';
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  /**
   * role account
   */
  cook: string;
  table_at: string;
  working: Working;
  state: {
    status: 'waiting' | 'cooking' | 'at-table' | 'given-up';
    started_at: string | null;
    first_liquid_at: string | null;
    /**
     * index of the stage to do now; null when all are done
     */
    stage: number | null;
    done: {
      stage: number;
      /**
       * made by the device, RFC 9562, lower case
       */
      event: string;
      at: string;
      volume_ml: number | null;
    }[];
    /**
     * stock so far
     */
    poured_ml: number;
    verdict: {
      looseness: LoosenessWord;
      bite: BiteWord;
      /**
       * the floor of a pan rice
       */
      crust: BrowningWord1 | null;
      note: string;
      /**
       * bite right or just under, and as loose as the dish asks
       */
      as_wanted: boolean;
    } | null;
    /**
     * as it was said last
     */
    lid_on: boolean;
    /**
     * id of the last touch that counts, to be taken back
     */
    last: string | null;
    /**
     * the touch that undo would take back
     */
    undo: {
      event: string;
      kind: string;
      stage: number | null;
      volume_ml: number | null;
      setting: string | null;
    } | null;
    /**
     * what the last touch of all took back
     */
    taken_back: {
      event: string;
      kind: string;
      stage: number | null;
      volume_ml: number | null;
      setting: string | null;
    } | null;
    /**
     * id of the touch that ended it, at the table or given up
     */
    ended_by: string | null;
    /**
     * the step that is waited with
     */
    not_yet: {
      stage: number;
      until: string;
      /**
       * s that "not yet" buys
       */
      seconds: number;
    } | null;
    /**
     * what was written down of a pan without a plate
     */
    note: string | null;
  };
  happened: {
    pours: {
      minute: number;
      volume_ml: number;
      kind: 'wine' | 'pour';
    }[];
    /**
     * stock
     */
    poured_ml: number;
    pull_min: number | null;
    table_min: number | null;
    track: {
      min: number[];
      free_g: number[];
      drunk_g_per_g: number[];
      temperature_c: number[];
      doneness_min: number[];
    } | null;
    at_table: {
      /**
       * g/g
       */
      looseness: number;
      /**
       * min at 100 °C
       */
      doneness_min: number;
      bite: BiteWord;
      drunk_g_per_g: number;
      temperature_c: number;
    } | null;
    /**
     * what the ring was found to give, against its marks
     */
    power: {
      times: number;
      /**
       * one standard deviation, as a share
       */
      spread: number;
      /**
       * rests on the scale, not on signs alone
       */
      weighed: boolean;
    } | null;
    /**
     * of a pan rice that is off: the colour of its floor then
     */
    crust: {
      since_min: number;
      /**
       * minutes at 150 °C, from the middle to the rim
       */
      rings: number[];
    } | null;
    /**
     * all that was said at the stove and not taken back
     */
    touched: {
      minute: number | null;
      by: string;
      event: CookEvent;
    }[];
  };
  /**
   * what can be seen or heard in such a pan, in the order in which it comes
   */
  signs: SignWord[];
  /**
   * how the dish can fall on the plate, from tight to loose: the answers of a verdict
   */
  plates: {
    word: LoosenessWord;
    /**
     * g/g
     */
    looseness: number;
  }[];
  /**
   * what it will come to; null before the first liquid and once it is at the table
   */
  forecast: {
    /**
     * minute of the cook from which the rest is counted
     */
    from_min: number;
    /**
     * still to do, in order of time
     */
    steps: {
      /**
       * index in the plan; null for what the plan does not have
       */
      stage: number | null;
      /**
       * minute of the cook
       */
      at_min: number;
      kind:
        | 'toast'
        | 'wine'
        | 'pour'
        | 'heat'
        | 'stir'
        | 'level'
        | 'add'
        | 'lid'
        | 'taste'
        | 'off'
        | 'finish'
        | 'rest'
        | 'crust'
        | 'serve'
        | 'lift';
      /**
       * mL
       */
      volume_ml: number | null;
      ladles: number | null;
      setting: string | null;
      say: string;
      say_fact?: Fact;
      /**
       * what goes in, where it is neither stock nor wine
       */
      item?: {
        name: string;
        /**
         * in its unit, for all covers
         */
        amount: number;
        unit: UnitWord;
      } | null;
    }[];
    /**
     * mL of stock still to pour; below nothing what is to be lifted out
     */
    stock_ml: number;
    /**
     * the same, were the ring one standard deviation weaker or stronger
     *
     * @minItems 2
     * @maxItems 2
     */
    stock_spread_ml: number[];
    /**
     * as it was before the last touch
     *
     * @minItems 2
     * @maxItems 2
     */
    stock_spread_before_ml: number[] | null;
    pull_min: number;
    /**
     * minute off the heat, likewise
     *
     * @minItems 2
     * @maxItems 2
     */
    pull_spread_min: number[];
    table_min: number;
    dry_min: number | null;
    at_table: {
      /**
       * g/g
       */
      looseness: number;
      /**
       * min at 100 °C
       */
      doneness_min: number;
      bite: BiteWord;
      drunk_g_per_g: number;
      temperature_c: number;
    };
    /**
     * the pan as it must be
     */
    now: {
      free_g: number;
      drunk_g_per_g: number;
      temperature_c: number;
      doneness_min: number;
      boiled_off_g: number;
    };
    /**
     * where the knob stands
     */
    setting: string;
    track: {
      min: number[];
      free_g: number[];
      drunk_g_per_g: number[];
      temperature_c: number[];
      doneness_min: number[];
    };
    power: {
      /**
       * what the ring gives, times what its mark says
       */
      times: number;
      /**
       * one standard deviation, as a share
       */
      spread: number;
      /**
       * rests on the scale
       */
      weighed: boolean;
    };
    /**
     * min that tasting moved the doneness clock
     */
    taste_shift_min: number;
    /**
     * what the last touch changed, in one line
     */
    said: string | null;
    said_facts: Fact[];
    /**
     * once it is off the heat
     */
    pass: {
      /**
       * minute at which it is ready at the pass
       */
      ready_min: number;
      /**
       * minute by which it must leave the pass; null when it can wait
       */
      leave_min: number | null;
      then: 'tight' | 'soft' | null;
      loosen: {
        /**
         * minutes at the pass
         */
        at_min: number;
        /**
         * mL of hot stock
         */
        loosen_ml: number;
        looseness: number;
        bite: string;
        temperature_c: number;
      }[];
    } | null;
    /**
     * the floor of a pan rice while it takes its colour
     */
    floor: {
      since_min: number;
      /**
       * minute at which it is as it should be
       */
      gold_min: number;
      /**
       * minute at which the first part of it is burnt
       */
      burnt_min: number;
      /**
       * from when it began to where it burns
       *
       * @minItems 1
       */
      rows: {
        /**
         * minute of the cook
         */
        at_min: number;
        /**
         * browning from the middle to the rim, min at 150 °C
         */
        rings: number[];
      }[];
    } | null;
    /**
     * what comes to the table if nobody does anything more, by when it comes off
     */
    left_alone: {
      /**
       * minute at which it comes off
       */
      off_min: number;
      looseness: number;
      bite: string;
    }[];
  } | null;
  scale: Scale;
  /**
   * what stands at this pan's ring and speaks for itself
   */
  devices: {
    name: string;
    kind: DeviceWord;
    reading: Reading;
  }[];
  /**
   * °C; what stands at the pass must not fall below it, by the kitchen's own code
   */
  hot_holding_c: number;
}
/**
 * what a weighing takes off
 */
export interface Scale {
  /**
   * g, the empty pan, as it was last weighed
   */
  tare_g: number | null;
  /**
   * g in the pan besides rice and liquid, by now
   */
  extras_g: number;
}
/**
 * A device's key, told this once; only its hash is kept.
 */
export interface DeviceKey {
  format: 'velko.device-key/1';
  name: string;
  key: string;
}
/**
 * What a stand-in has to know to read what a real device would read at its ring.
 */
export interface DevicePan {
  format: 'velko.device-pan/1';
  kind: DeviceWord;
  name: string;
  /**
   * °C
   */
  room_c: number;
  /**
   * the pan put on last that is not at the table yet; null: the ring is free
   */
  pan: {
    /**
     * its id
     */
    cook: string;
    request: PlanRequest1;
    stages: Stages;
    heat: Heat;
    /**
     * what was touched so far
     */
    events: CookEvent[];
    scale: Scale;
    /**
     * where it is thought to stand
     */
    knob: string;
    /**
     * the turn that the stove asks for next
     */
    turn: {
      at: string;
      mark: string;
    } | null;
  } | null;
}
/**
 * What a cook asks of the engine. Minute 0 is the first liquid on the rice.
 */
export interface PlanRequest1 {
  format: 'velko.plan-request/1';
  family: FamilyWord;
  covers: number;
  rice: {
    variety: VarietyWord;
    /**
     * g raw
     */
    grams_per_cover?: number;
    /**
     * low and high end, min at 100 °C
     *
     * @minItems 2
     * @maxItems 2
     *
     * Items: min at 100 °C
     */
    window_min?: number[];
  };
  kitchen?: {
    /**
     * m above the sea
     */
    altitude_m?: number;
    /**
     * °C
     */
    room_c?: number;
    /**
     * °C, of the plates it is served on; a pan rice stays in its pan
     */
    plates_c?: number;
  };
  pan?: {
    /**
     * cm
     */
    base_diameter_cm?: number;
    /**
     * cm, not less than the base
     */
    rim_diameter_cm?: number;
    /**
     * cm
     */
    height_cm?: number;
    /**
     * J/K
     */
    metal_j_per_k?: number;
  };
  burner?: {
    /**
     * cm
     */
    ring_diameter_cm?: number;
    /**
     * net power by mark on the knob
     */
    net_w?: {
      /**
       * W into boiling contents
       */
      [k: string]: number | undefined;
    };
  };
  stock?: {
    /**
     * °C
     */
    temperature_c?: number;
    /**
     * g per 100 g
     */
    salt_percent?: number;
    /**
     * mL, when it is settled and the heat is to be found for it; pan rice only
     */
    volume_ml?: number;
    /**
     * cm, of the open side pot; 0 when the stock is kept covered
     */
    pot_diameter_cm?: number;
    /**
     * min it steams before the first liquid
     */
    held_min?: number;
  };
  /**
   * mL
   */
  wine_ml?: number;
  /**
   * mL
   */
  ladle_ml?: number;
  method?: {
    doses?: DosesWord;
    stirring?: StirringWord;
    /**
     * @minItems 1
     * @maxItems 40
     */
    heat?: {
      /**
       * min of the cook
       */
      from_min: number;
      setting: string;
    }[];
    sealed?: boolean;
    rinsed?: boolean;
    /**
     * min
     */
    soak_min?: number;
    /**
     * min
     */
    finish_min?: number;
    /**
     * min
     */
    rest_min?: number;
    rest_covered?: boolean;
    toast?: ToastingWord;
    /**
     * @maxItems 40
     */
    lid?: {
      /**
       * min of the cook
       */
      from_min: number;
      on: boolean;
    }[];
    crust?: CrustSchoolWord;
    /**
     * the two marks of a pan rice, when only the moment of turning is to be found
     */
    pan_heat?: {
      /**
       * until the grains show
       */
      hot: string;
      /**
       * until the pan is dry
       */
      gentle: string;
    };
  };
  finish?: {
    /**
     * g
     */
    butter_g_per_cover?: number;
    /**
     * g, hard and finely grated
     */
    cheese_g_per_cover?: number;
    butter_salted?: boolean;
    /**
     * °C
     */
    butter_temperature_c?: number;
  };
  target?: {
    /**
     * g free liquid per g raw rice
     */
    looseness?: number;
    /**
     * min
     */
    minutes_to_table?: number;
    crust?: CrustWord;
  };
  /**
   * g of everything else on the plate: it takes up salt
   */
  extras_g_per_cover?: number;
}
/**
 * A scale, a probe or a knob as it is entered.
 */
export interface DeviceEntry {
  format: 'velko.device/1';
  name: string;
  kind: DeviceWord;
  /**
   * the ring it stands at
   */
  burner_id: number;
}
/**
 * A dish as it is entered in a kitchen, of that kitchen's own rice and stock.
 */
export interface DishEntry {
  format: 'velko.dish-entry/1';
  rice_id: number;
  stock_id: number;
  dish: DishBody;
}
/**
 * One dish of a kitchen with its versions.
 */
export interface DishPage {
  format: 'velko.dish-page/1';
  id: number;
  rice_id: number;
  stock_id: number;
  dish: DishBody;
  /**
   * newest first; the first is as it stands
   */
  versions: {
    number: number;
    by: string;
    at: string;
    rice: string;
    stock: string;
    dish: DishBody;
  }[];
}
/**
 * A link that lets somebody in, once. Told only now: what is kept is its hash.
 */
export interface DoorLink {
  format: 'velko.door-link/1';
  for: 'join' | 'password';
  url: string;
  /**
   * RFC 3339
   */
  expires_at: string;
  mailed: boolean;
}
/**
 * The kitchen is to be deleted with everything in it, in a day.
 */
export interface Farewell {
  format: 'velko.farewell/1';
  /**
   * the kitchen's name, typed
   */
  kitchen: string;
  password: string;
}
/**
 * A password was forgotten; a link is mailed where this house sends mail.
 */
export interface Forgotten {
  format: 'velko.forgotten/1';
  /**
   * an e-mail address
   */
  email: string;
}
/**
 * Who stands at the tablet now; null: whoever is signed in there.
 */
export interface Hand {
  format: 'velko.hand/1';
  person: number | null;
  pin: string | null;
}
/**
 * The kitchen itself: where it is and how it counts.
 */
export interface House {
  format: 'velko.house/1';
  name: string;
  /**
   * m
   */
  altitude_m?: number | null;
  /**
   * °C, measured in this kitchen; in place of the altitude
   */
  boiling_c?: number | null;
  /**
   * °C
   */
  room_c: number;
  /**
   * °C, of the plates as they are held
   */
  plates_c?: number;
  /**
   * IANA name
   */
  timezone: string;
  units: UnitsWord;
  safety?: Safety;
}
/**
 * What became of a dish that was brought in.
 */
export interface Imported {
  format: 'velko.imported/1';
  id: number;
  name: string;
  /**
   * rices and stocks that were made for it
   */
  made: string[];
  /**
   * what could not be taken over
   */
  left_out: string[];
}
/**
 * Somebody is to join the kitchen.
 */
export interface Invitation {
  format: 'velko.invitation/1';
  role: RoleWord;
  /**
   * where the link is mailed to, where this house sends mail
   */
  email: string | null;
}
/**
 * Somebody new joins the kitchen that the link is of.
 */
export interface Join {
  format: 'velko.join/1';
  /**
   * 64 hexadecimal digits
   */
  token: string;
  name: string;
  /**
   * an e-mail address
   */
  email: string;
  password: string;
}
/**
 * What a kitchen has, as its screens need it.
 */
export interface Kitchen {
  format: 'velko.kitchen/1';
  name: string;
  altitude_m: number;
  boiling_c: number;
  room_c: number;
  /**
   * °C
   */
  plates_c: number;
  timezone: string;
  units: UnitsWord;
  safety: Safety;
  pans: {
    id: number;
    name: string;
    base_cm: number;
    rim_cm: number;
    height_cm: number;
    metal_j_per_k: number;
    /**
     * mL up to the free rim
     */
    holds_ml: number;
    takes: {
      family: string;
      /**
       * ordinary mains
       */
      covers: number;
      /**
       * has the shape for it
       */
      suited: boolean;
    }[];
    /**
     * g, empty; null: not weighed yet
     */
    weight_g: number | null;
  }[];
  burners: {
    id: number;
    name: string;
    ring_cm: number;
    fuel: FuelWord;
    rated_w: number;
    settings: {
      mark: string;
      /**
       * of the rated power
       */
      share: number;
      /**
       * W
       */
      net_w: number;
      measured: boolean;
    }[];
    /**
     * boil-off tests, newest first
     */
    tests: {
      mark: string;
      pan: string;
      /**
       * W
       */
      net_w: number;
      /**
       * W, standard error
       */
      spread_w: number;
      minutes: number;
      lost_g: number;
      at: string;
    }[];
  }[];
  ladles: {
    id: number;
    ml: number;
  }[];
  rices: {
    id: number;
    name: string;
    variety: VarietyWord;
    label: string;
    /**
     * @minItems 2
     * @maxItems 2
     */
    window_min: number[];
    /**
     * the packet's, not the variety's
     */
    own_window: boolean;
    grams_per_cup: number | null;
    dishes: string[];
  }[];
  stocks: {
    id: number;
    name: string;
    base: BaseWord;
    salt_percent: number;
    held_at_c: number;
    batch_ml: number | null;
    /**
     * with those its base brings; null: nobody has said
     */
    allergens: string[] | null;
    suits: DietWord1;
    dishes: string[];
  }[];
  begin: Ask | null;
  dishes: {
    id: number;
    name: string;
    family: string;
    rice: string;
    stock: string;
    grams_main: number;
    grams_starter: number;
    doses: string;
    looseness: number;
  }[];
  devices: {
    id: number;
    name: string;
    kind: DeviceWord;
    /**
     * the ring it stands at
     */
    burner_id: number;
    /**
     * a key was given out
     */
    has_key: boolean;
    reading: Reading;
  }[];
  /**
   * of an archive that is being brought in
   */
  cooks_to_come: number;
  /**
   * what a form needs to know of each family; new_dish is a dish of it before anybody has said more
   */
  families: FamilyTraits[];
  /**
   * what a kitchen can be set up with
   */
  kit: {
    pans: {
      code: KitPanWord;
      name: string;
      /**
       * cm
       */
      base_cm: number;
      /**
       * cm
       */
      rim_cm: number;
      /**
       * cm
       */
      height_cm: number;
      /**
       * J/K
       */
      metal_j_per_k: number;
    }[];
    rings: {
      code: KitRingWord;
      name: string;
      /**
       * cm
       */
      ring_cm: number;
      fuel: FuelWord;
      /**
       * W
       */
      rated_w: number;
    }[];
    /**
     * of a new ring
     */
    marks: {
      mark: string;
      /**
       * of full power
       */
      share: number;
      net_w: null;
    }[];
  };
}
export interface FamilyTraits {
  family: FamilyWord;
  /**
   * that it is cooked with, the usual one first
   */
  rices: VarietyWord[];
  /**
   * its stock goes in by a school of doses
   */
  in_stages: boolean;
  /**
   * nothing free is left at the end; its floor takes a crust
   */
  dries_out: boolean;
  /**
   * how it can fall on the plate, from tight to loose
   */
  plates: {
    word: LoosenessWord;
    /**
     * g/g
     */
    looseness: number;
  }[];
  new_dish: DishBody;
}
/**
 * One ladle by what it holds.
 */
export interface LadleEntry {
  format: 'velko.ladle/1';
  /**
   * mL
   */
  ml: number;
}
/**
 * Cooks, newest first.
 */
export interface Log {
  format: 'velko.log/1';
  cooks: {
    /**
     * made by the device, RFC 9562, lower case
     */
    id: string;
    dish: string;
    cook: string;
    covers: number;
    pan: string;
    burner: string;
    table_at: string;
    status: string;
    rice_g: number;
    planned: {
      stock_ml: number;
      pull_min: number;
      table_min: number;
      looseness: number;
      track: {
        min: number[];
        free_g: number[];
      };
      heat: {
        /**
         * min
         */
        from_min: number;
        setting: string;
        /**
         * W
         */
        net_w: number;
      }[];
    };
    happened: {
      poured_ml: number;
      pull_min: number | null;
      table_min: number | null;
      pours: {
        minute: number;
        volume_ml: number;
        kind: string;
      }[];
      track: {
        min: number[];
        free_g: number[];
      } | null;
      looseness: number | null;
      bite: string | null;
    };
    verdict: {
      looseness: LoosenessWord;
      bite: BiteWord;
      /**
       * the floor of a pan rice
       */
      crust: BrowningWord1 | null;
      note: string;
      /**
       * bite right or just under, and as loose as the dish asks
       */
      as_wanted: boolean;
    } | null;
  }[];
  /**
   * address of the next page
   */
  next: string | null;
}
/**
 * My own name, address, units and clock.
 */
export interface Me {
  format: 'velko.me/1';
  name: string;
  /**
   * an e-mail address
   */
  email: string;
  /**
   * null: as the kitchen has it
   */
  units: UnitsWord | null;
  /**
   * null: as the browser has it
   */
  clock: ClockWord | null;
  /**
   * needed where the e-mail changes
   */
  password?: string;
}
/**
 * A new kitchen and the cook who opens it.
 */
export interface NewKitchen {
  format: 'velko.new-kitchen/1';
  kitchen: string;
  name: string;
  /**
   * an e-mail address
   */
  email: string;
  password: string;
  /**
   * IANA name
   */
  timezone: string;
}
/**
 * Another password for oneself.
 */
export interface NewPassword {
  format: 'velko.new-password/1';
  /**
   * the one until now
   */
  password: string;
  new_password: string;
}
/**
 * What a pan of these measures holds, before it is kept.
 */
export interface PanHolds {
  format: 'velko.pan-holds/1';
  /**
   * mL up to the free rim
   */
  holds_ml: number;
  takes: {
    family: string;
    /**
     * ordinary mains
     */
    covers: number;
    /**
     * has the shape for it
     */
    suited: boolean;
  }[];
}
/**
 * One pan as it is entered.
 */
export interface PanEntry {
  format: 'velko.pan/1';
  name: string;
  /**
   * cm
   */
  base_cm: number;
  /**
   * cm
   */
  rim_cm: number;
  /**
   * cm
   */
  height_cm: number;
  /**
   * J/K
   */
  metal_j_per_k: number;
  /**
   * g, empty; null: not weighed yet
   */
  weight_g?: number | null;
}
/**
 * Who belongs to a kitchen, and who was invited. For its chefs.
 */
export interface People {
  format: 'velko.people/1';
  people: {
    id: number;
    name: string;
    email: string;
    role: RoleWord;
    has_pin: boolean;
    you: boolean;
    /**
     * the only one left: hands on before going
     */
    last_chef: boolean;
  }[];
  invitations: {
    id: number;
    role: RoleWord;
    email: string | null;
    /**
     * RFC 3339
     */
    expires_at: string;
  }[];
}
/**
 * What somebody may do in a kitchen.
 */
export interface Person {
  format: 'velko.person/1';
  role: RoleWord;
}
/**
 * Four digits that tell who stands at a shared tablet; null takes them away.
 */
export interface Pin {
  format: 'velko.pin/1';
  password: string;
  /**
   * four digits
   */
  pin: string | null;
}
/**
 * A refusal, RFC 9457.
 */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail?: string;
  errors?: {
    /**
     * JSON Pointer (RFC 6901) to the field
     */
    pointer: string;
    detail: string;
    /**
     * where a screen has more to offer than the words
     */
    code?: 'email-known' | 'link-spent' | 'last-chef';
    /**
     * of a number that is out of its range, in the field's own unit
     */
    least?: number;
    most?: number;
  }[];
}
/**
 * A new password by a link.
 */
export interface Reset {
  format: 'velko.reset/1';
  /**
   * 64 hexadecimal digits
   */
  token: string;
  password: string;
}
/**
 * One rice as it stands on the shelf.
 */
export interface RiceEntry {
  format: 'velko.rice/1';
  name: string;
  variety: VarietyWord;
  /**
   * low and high end as printed on the packet; null takes the variety's
   *
   * @minItems 2
   * @maxItems 2
   */
  window_min: number[] | null;
  /**
   * g in the kitchen's cup, level; null: not weighed
   */
  grams_per_cup: number | null;
}
/**
 * Who is signed in, and what time it is in the kitchen.
 */
export interface Session {
  format: 'velko.session/1';
  cook: {
    id: number;
    name: string;
    email: string;
    role: RoleWord1;
    kitchen: string;
    timezone: string;
    units: UnitsWord1;
    /**
     * null: as the kitchen has it
     */
    own_units: UnitsWord | null;
    /**
     * null: as the browser has it
     */
    clock: ClockWord | null;
    has_pin: boolean;
    /**
     * who stands at this tablet, where that is another
     */
    hand: {
      id: number;
      name: string;
    } | null;
    /**
     * who has shown a PIN at this tablet
     */
    shown: number[];
    /**
     * who can take it over with a PIN
     */
    hands: {
      id: number;
      name: string;
    }[];
    /**
     * RFC 3339; when the kitchen is deleted
     */
    delete_at: string | null;
  } | null;
  /**
   * whether this house has the demo kitchen
   */
  demo: boolean;
  /**
   * RFC 3339, in the kitchen's time zone
   */
  now: string;
  /**
   * whether this house sends mail
   */
  mail: boolean;
}
/**
 * A kitchen from nothing, from the kit: all of it is entered, or nothing.
 */
export interface SetUp {
  format: 'velko.set-up/1';
  units: UnitsWord;
  /**
   * m above the sea
   */
  altitude_m: number;
  /**
   * @minItems 1
   */
  pans: KitPanWord[];
  /**
   * @minItems 1
   */
  rings: KitRingWord[];
  variety: VarietyWord;
}
/**
 * E-mail and password.
 */
export interface SignIn {
  format: 'velko.sign-in/1';
  email: string;
  password: string;
}
/**
 * What really happens to a pan, to be played through the engine. Minute 0 is the first liquid; one thing an event.
 */
export interface SimulationRequest {
  format: 'velko.simulation-request/1';
  covers: number;
  rice: {
    variety: VarietyWord;
    /**
     * g raw
     */
    grams_per_cover?: number;
    /**
     * low and high end, min at 100 °C
     *
     * @minItems 2
     * @maxItems 2
     *
     * Items: min at 100 °C
     */
    window_min?: number[];
  };
  kitchen?: {
    /**
     * m above the sea
     */
    altitude_m?: number;
    /**
     * °C
     */
    room_c?: number;
    /**
     * °C, of the plates
     */
    plates_c?: number;
  };
  pan?: {
    /**
     * cm
     */
    base_diameter_cm?: number;
    /**
     * cm, not less than the base
     */
    rim_diameter_cm?: number;
    /**
     * cm
     */
    height_cm?: number;
    /**
     * J/K
     */
    metal_j_per_k?: number;
  };
  burner?: {
    /**
     * cm
     */
    ring_diameter_cm?: number;
    /**
     * net power by mark on the knob
     */
    net_w?: {
      /**
       * W into boiling contents
       */
      [k: string]: number | undefined;
    };
  };
  stock?: {
    /**
     * °C
     */
    temperature_c?: number;
    /**
     * g per 100 g
     */
    salt_percent?: number;
  };
  method?: {
    sealed?: boolean;
    toast?: ToastingWord;
    /**
     * min
     */
    soak_min?: number;
    stirring?: StirringWord;
  };
  /**
   * @maxItems 500
   */
  events: {
    /**
     * min of the cook
     */
    at_min: number;
    /**
     * mL
     */
    pour_ml?: number;
    /**
     * °C; the stock's when left out
     */
    temperature_c?: number;
    setting?: string;
    lid?: boolean;
    off?: true;
    covered?: boolean;
    /**
     * g per 100 g of what is poured; the stock's when left out
     */
    salt_percent?: number;
    /**
     * mL of free liquid lifted out
     */
    lift_ml?: number;
    /**
     * butter and cheese, beaten in off the heat
     */
    beat_in?: {
      /**
       * g
       */
      butter_g?: number;
      /**
       * g
       */
      cheese_g?: number;
      butter_salted?: boolean;
      /**
       * °C
       */
      butter_temperature_c?: number;
    };
    /**
     * out of the pan and onto as many plates as there are covers
     */
    plated?: true;
  }[];
  /**
   * min of the cook
   */
  until_min: number;
}
/**
 * How the pan ran.
 */
export interface Simulation {
  format: 'velko.simulation/1';
  track: {
    min: number[];
    free_g: number[];
    drunk_g_per_g: number[];
    temperature_c: number[];
    doneness_min: number[];
  };
  summary: {
    /**
     * first minute with free liquid under 0.05 g per g rice, once anything was poured
     */
    dry_min: number | null;
    off: {
      at_min: number;
      free_g: number;
      drunk_g_per_g: number;
      temperature_c: number;
      doneness_min: number;
      boiled_off_g: number;
      bite: BiteWord;
    } | null;
    end: {
      at_min: number;
      free_g: number;
      drunk_g_per_g: number;
      temperature_c: number;
      doneness_min: number;
      boiled_off_g: number;
      bite: BiteWord;
    };
  };
  /**
   * what the request left out, as it was taken
   */
  assumed: {
    [k: string]: unknown | undefined;
  };
  /**
   * what a cook sees, smells and bites, and the summary does not say
   */
  signs: {
    top_bite: BiteWord1;
    /**
     * what the heart has drunk, against what it must have at the low end of its window
     */
    heart_percent: number;
    /**
     * browning in the middle of the floor, min at 150 °C: gold 1, dark 2, burnt 3
     */
    floor_centre: number;
    /**
     * likewise at the rim, the pan left in the middle of the ring
     */
    floor_rim: number;
    floor: BrowningWord2;
    /**
     * of all that is in the pan
     */
    salt_percent: number;
  };
}
/**
 * Put a worked-out pan on the fire. The same id twice is one cook.
 */
export interface StartCook {
  format: 'velko.start-cook/1';
  /**
   * made by the device, RFC 9562, lower case
   */
  id: string;
  ask: Ask;
}
/**
 * One stock as it is made here.
 */
export interface StockEntry {
  format: 'velko.stock/1';
  name: string;
  base: BaseWord;
  /**
   * g per 100 g
   */
  salt_percent: number;
  /**
   * °C
   */
  held_at_c: number;
  /**
   * mL that is made at once; null: as needed
   */
  batch_ml: number | null;
  /**
   * null: nobody has said
   *
   * @maxItems 14
   */
  allergens: AllergenWord[] | null;
}
/**
 * A link that was followed.
 */
export interface Token {
  format: 'velko.token/1';
  /**
   * 64 hexadecimal digits
   */
  token: string;
}
/**
 * Something is off: what can go wrong with this very pan now, and the way back from each, in its numbers.
 */
export interface WaysBack {
  format: 'velko.ways-back/1';
  ways: {
    trouble: TroubleWord1;
    sees: string;
    cause: string;
    /**
     * in order, with this pan's numbers
     */
    do: string[];
    do_facts: Fact[];
    /**
     * what comes to the table if it is done
     */
    plate: {
      word: string;
      looseness: number;
      bite: string;
    };
    /**
     * what one touch can say is done
     */
    first: {
      /**
       * mL to pour at once
       */
      splash_ml: number | null;
      water: boolean;
      /**
       * mL to lift out at once
       */
      lift_ml: number | null;
      setting: string | null;
      lid: boolean | null;
    };
    beware: string | null;
    beware_fact: Fact | null;
  }[];
}
