/** Terminals that are one point: union-find over their names. */
export class Nets {
  private readonly parent = new Map<string, string>();

  find(node: string): string {
    let root = node;
    for (let up = this.parent.get(root); up !== undefined && up !== root; up = this.parent.get(root)) root = up;
    // What was walked through points to the root from now on.
    for (let at = node; at !== root; ) {
      const up = this.parent.get(at)!;
      this.parent.set(at, root);
      at = up;
    }
    if (!this.parent.has(root)) this.parent.set(root, root);
    return root;
  }

  join(a: string, b: string): void {
    const ra = this.find(a);
    const rb = this.find(b);
    if (ra !== rb) this.parent.set(ra, rb);
  }

  same = (a: string, b: string): boolean => this.find(a) === this.find(b);
}
