/** What is dear to make, remembered by a key: so many of those that were wanted last. Nobody may change what it holds. */
export class Recent<Value> {
  /** A map keeps the order in which its keys came: the first is the one that was not wanted for longest. */
  private readonly kept = new Map<string, Value>();

  /** @param most values that are kept; none at 0 */
  constructor(private readonly most: number) {}

  /** The value, if it is still there; it is then the one wanted last. */
  recall(key: string): Value | undefined {
    const value = this.kept.get(key);
    if (value !== undefined) this.keep(key, value);
    return value;
  }

  keep(key: string, value: Value): void {
    this.kept.delete(key);
    this.kept.set(key, value);
    for (const oldest of this.kept.keys()) {
      if (this.kept.size <= this.most) break;
      this.kept.delete(oldest);
    }
  }

  forget(key: string): void {
    this.kept.delete(key);
  }

  /** The value, made where it is not there. */
  get(key: string, make: () => Value): Value {
    const known = this.recall(key);
    if (known !== undefined) return known;
    const made = make();
    this.keep(key, made);
    return made;
  }
}
