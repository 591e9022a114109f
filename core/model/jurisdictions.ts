/** States and provinces whose listings the library knows, with the number that US maps name a state by. */
export interface Jurisdiction {
  code: string;
  name: string;
  fips: string | null;
}

const STATES = `AL Alabama 01|AZ Arizona 04|AR Arkansas 05|CA California 06|CO Colorado 08|CT Connecticut 09|DE Delaware 10|
DC District of Columbia 11|FL Florida 12|GA Georgia 13|ID Idaho 16|IL Illinois 17|IN Indiana 18|IA Iowa 19|KS Kansas 20|
KY Kentucky 21|LA Louisiana 22|ME Maine 23|MD Maryland 24|MA Massachusetts 25|MI Michigan 26|MN Minnesota 27|
MS Mississippi 28|MO Missouri 29|MT Montana 30|NE Nebraska 31|NV Nevada 32|NH New Hampshire 33|NJ New Jersey 34|
NM New Mexico 35|NY New York 36|NC North Carolina 37|ND North Dakota 38|OH Ohio 39|OK Oklahoma 40|OR Oregon 41|
PA Pennsylvania 42|RI Rhode Island 44|SC South Carolina 45|SD South Dakota 46|TN Tennessee 47|TX Texas 48|UT Utah 49|
VT Vermont 50|VA Virginia 51|WA Washington 53|WV West Virginia 54|WI Wisconsin 55|WY Wyoming 56|AB Alberta|
BC British Columbia|MB Manitoba|NB New Brunswick|NL Newfoundland and Labrador|NS Nova Scotia|ON Ontario|
PE Prince Edward Island|QC Quebec|SK Saskatchewan`;

export const JURISDICTIONS: readonly Jurisdiction[] = STATES.split('|').map((entry) => {
  const [, code, name, fips] = /^\s*([A-Z]{2}) ([A-Za-z ]+?)(?: (\d\d))?\s*$/.exec(entry)!;
  return { code: code!, name: name!, fips: fips ?? null };
});

/** Name of a state or province, or its code where it is not among them. */
export const jurisdictionName = (code: string) => JURISDICTIONS.find((row) => row.code === code)?.name ?? code;
