/** Imports go one way: web, widget, server → core; never back, and never between web and server. */
module.exports = {
  forbidden: [
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$|^core/testing/" },
      to: { path: "^(server|web|widget|demo|e2e)/" },
    },
    { name: "core-has-no-node", severity: "error", from: { path: "^core/", pathNot: "\\.test\\.ts$|^core/testing/" }, to: { dependencyTypes: ["core"] } },
    { name: "core-has-no-interface", severity: "error", from: { path: "^core/" }, to: { path: "node_modules/(react|express|knex|pg)(/|$)" } },
    { name: "web-not-server", severity: "error", from: { path: "^web/" }, to: { path: "^(server|widget|demo)/" } },
    { name: "widget-alone", severity: "error", from: { path: "^widget/src/" }, to: { path: "^(server|web|core|demo)/" } },
    { name: "server-not-web", severity: "error", from: { path: "^server/" }, to: { path: "^(web|widget)/" } },
    {
      name: "sql-in-data",
      severity: "error",
      from: { path: "^server/", pathNot: "^server/(data/|app\\.ts|bus\\.ts|cluster\\.ts)|\\.test\\.ts$|^server/testing/" },
      to: { path: "node_modules/(pg|knex)/" },
    },
    { name: "no-circles-of-modules", severity: "error", from: {}, to: { circular: true } },
  ],
  options: { doNotFollow: { path: "node_modules" }, tsPreCompilationDeps: true, tsConfig: { fileName: "tsconfig.json" }, exclude: { path: "dist/" } },
};
