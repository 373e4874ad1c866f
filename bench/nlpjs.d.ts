/** The package carries no types of its own; what the benchmark uses of it is told where it is used. */
declare module "@nlpjs/basic";
