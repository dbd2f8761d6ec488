/** Where work can hurt someone, it is said at the act and acknowledged once on a job. */
export const CAUTIONS = ['barring', 'hydraulics'] as const;

export type Caution = (typeof CAUTIONS)[number];

export interface CautionsActs {
  'caution.acknowledged': { readonly caution: Caution };
}

export type CautionsState = Readonly<
  Partial<Record<Caution, { readonly by: string; readonly at: string }>>
>;
