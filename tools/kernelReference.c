/* The plain C loop the kernel is measured against: a 7-point variable-conductance update on a masked grid, doubles.
   Prints updates per second. Built by tools/bench.ts with -O3 where a C compiler is at hand. */
#include <stdio.h>
#include <stdlib.h>
#include <time.h>
static double now(void) { struct timespec t; clock_gettime(CLOCK_MONOTONIC, &t); return t.tv_sec + 1e-9 * t.tv_nsec; }
int main(void) {
  const int n = 40, s = n + 2, sy = s, sz = s * s, total = s * s * s;
  double *u = calloc(total, 8), *v = calloc(total, 8), *gx = calloc(total, 8), *gy = calloc(total, 8), *gz = calloc(total, 8);
  unsigned char *mask = calloc(total, 1);
  long inside = 0;
  for (int k = 1; k <= n; k++) for (int j = 1; j <= n; j++) for (int i = 1; i <= n; i++) {
    double x = i - 20.5, y = j - 20.5, z = k - 20.5;
    if (x * x + y * y + z * z < 400) { int c = i + sy * j + sz * k; mask[c] = 1; inside++; u[c] = 4 + 0.01 * (c % 97); }
  }
  for (int c = sz; c < total - sz; c++) {
    gx[c] = mask[c] && mask[c + 1] ? 0.1 : 0; gy[c] = mask[c] && mask[c + sy] ? 0.1 : 0; gz[c] = mask[c] && mask[c + sz] ? 0.1 : 0;
  }
  double best = 0;
  for (int round = 0; round < 7; round++) {
    double t = now(); const int steps = 100;
    for (int q = 0; q < steps; q++) {
      for (int k = 1; k <= n; k++) for (int j = 1; j <= n; j++) {
        int row = sy * j + sz * k;
        for (int c = row + 1; c <= row + n; c++) if (mask[c])
          v[c] = u[c] + 0.5 * (gx[c] * (u[c + 1] - u[c]) + gx[c - 1] * (u[c - 1] - u[c]) + gy[c] * (u[c + sy] - u[c]) +
            gy[c - sy] * (u[c - sy] - u[c]) + gz[c] * (u[c + sz] - u[c]) + gz[c - sz] * (u[c - sz] - u[c]));
      }
      double *w = u; u = v; v = w;
    }
    double rate = steps * (double)inside / (now() - t);
    if (rate > best) best = rate;
  }
  printf("%.0f\n", best);
  return u[sz * 20 + sy * 20 + 20] < -1;
}
