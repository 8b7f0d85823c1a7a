import { cpSync, mkdirSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

const here = dirname(fileURLToPath(import.meta.url));
const out = join(here, "../../../target/classes/static");
const fonts = join(here, "node_modules/@fontsource-variable");

mkdirSync(join(out, "fonts"), { recursive: true });
const copy = (from, to) => cpSync(join(fonts, from), join(out, "fonts", to));
copy("atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2", "next.woff2");
copy("atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2", "mono.woff2");
copy("fraunces/files/fraunces-latin-wght-normal.woff2", "fraunces.woff2");
cpSync(join(here, "node_modules/htmx.org/dist/htmx.min.js"), join(out, "htmx.min.js"));
