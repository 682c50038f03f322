/** How far off one tip was. */
export interface Off {
  readonly mm: number;
  readonly kelvin: number | null;
}
