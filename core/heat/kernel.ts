/**
 * The one finite-volume kernel, for heat and for salt: adds to `content` what flows through the faces of each cell.
 *
 * Faces carry one conductance, shared by the two cells they part, so what leaves one cell enters the next and the
 * sum is conserved to rounding. Conductances towards cells outside the solid are zero. No allocation.
 */

/** Conductance of the face between a cell and its next neighbour along x, y and z. */
export interface FaceConductances {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
}

/**
 * content[c] += factor · Σ_faces g · (potential[neighbour] − potential[c])
 * @param content what is stored, per volume (J/m³ for heat)
 * @param potential what drives the flow (°C for heat)
 * @param runs start and end (exclusive) of unbroken runs of cells along x
 * @param strideY,strideZ cells from one row or layer to the next
 * @param factor time step over cell volume, s/m³
 */
export function conduct(
  content: Float64Array,
  potential: Float64Array,
  faces: FaceConductances,
  runs: Int32Array,
  strideY: number,
  strideZ: number,
  factor: number,
): void {
  const { x: gx, y: gy, z: gz } = faces;
  for (let r = 0; r < runs.length; r += 2) {
    const start = runs[r] as number;
    const end = runs[r + 1] as number;
    let here = potential[start] as number;
    let fromLeft = (gx[start - 1] as number) * ((potential[start - 1] as number) - here);
    for (let c = start; c < end; c++) {
      const next = potential[c + 1] as number;
      const toRight = (gx[c] as number) * (here - next);
      const net =
        fromLeft -
        toRight +
        (gy[c] as number) * ((potential[c + strideY] as number) - here) +
        (gy[c - strideY] as number) * ((potential[c - strideY] as number) - here) +
        (gz[c] as number) * ((potential[c + strideZ] as number) - here) +
        (gz[c - strideZ] as number) * ((potential[c - strideZ] as number) - here);
      content[c] = (content[c] as number) + factor * net;
      fromLeft = toRight;
      here = next;
    }
  }
}
