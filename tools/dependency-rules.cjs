// Who may import whom. The directions of ARCHITECTURE.md, held by dependency-cruiser.
const only = (name, from, allowed) => ({
  name,
  severity: "error",
  from: { path: from, pathNot: "\\.test\\.tsx?$" },
  to: { pathNot: allowed },
});

/** The core's folders, each of which may know those before it; what meat is made of is known to solids too. */
const CORE = [
  "units",
  "bird",
  "heat",
  "safety",
  "processes",
  "kitchen",
  "plan",
  "forecast",
  "schedule",
  "day",
  "log",
  "practice",
  "formats",
];
const downwards = CORE.slice(0, -1).map((folder, n) => ({
  name: `core-${folder}-looks-down`,
  severity: "error",
  from: { path: `^core/${folder}/` },
  to: { path: `^core/(${CORE.slice(n + 1).join("|")})/`, pathNot: "^core/heat/tissue\\.ts$" },
}));

module.exports = {
  forbidden: [
    ...downwards,
    only("core-stands-alone", "^core/", [
      "^core/",
      "^node_modules/(zod|papaparse|ml-matrix)/",
      "^(node_modules/)?pure-rand/",
    ]),
    only("words-know-core", "^words/", ["^core/", "^words/", "^node_modules/(date-fns|@date-fns)/"]),
    only("workers-know-core", "^workers/", ["^core/", "^words/", "^workers/", "^build/kernel\\.wasm"]),
    only("storage-knows-core", "^storage/", ["^core/", "^storage/", "^node_modules/(dexie|zod)/"]),
    only("cli-knows-core", "^cli/", ["^core/", "^words/", "^cli/", "^node:", "^(fs|path|url|util)$"]),
    only("server-knows-core", "^server/", [
      "^core/",
      "^words/",
      "^server/",
      // Programs of the same machine: one way to load the kernel and to read a file, one roast of the demo.
      "^cli/(loadKernel|readFile|errors)\\.ts",
      "^demo/inProgress\\.ts",
      "^node_modules/",
      "^node:",
      "^(fs|path|url|https?|net|events|os|crypto|util|stream/promises)$",
    ]),
    only("demo-feeds-the-app", "^demo/", ["^core/", "^workers/", "^storage/", "^demo/", "^node_modules/"]),
    {
      name: "app-knows-core-workers-storage",
      severity: "error",
      from: { path: "^app/", pathNot: "^app/main\\.tsx$" },
      to: { path: "^(server|cli|tools|tests|demo)/", pathNot: "^$" },
    },
    {
      name: "features-keep-apart",
      severity: "error",
      from: { path: "^app/features/([^/]+)/" },
      to: { path: "^app/features/([^/]+)/", pathNot: "^app/features/$1/" },
    },
    {
      name: "shared-pictures-know-no-feature",
      severity: "error",
      from: { path: "^app/(day|ui|chart|bird-view|clock-view|simulation)/" },
      to: { path: "^app/features/" },
    },
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\.test\\.tsx?$|core/[a-z]+/wasm" },
  },
};
