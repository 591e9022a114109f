/** What of a garden is not known, where a fact cannot be looked up. */
export type Lack = 'site' | 'sun' | 'moisture' | 'drainage' | 'ph' | 'age' | 'purchase' | 'batch';

/** Whether a fact holds, with the figures it rests on; null: it cannot be known, for want of what `lacks` names. */
export interface Finding {
  is: boolean | null;
  lacks?: Lack;
  /** Figures in the units of the records, by the part that the sentence gives them. */
  of?: Readonly<Record<string, number | string>>;
}

export const NO: Finding = { is: false };
export const lacking = (lacks: Lack): Finding => ({ is: null, lacks });
