// Copies what the application serves from inside itself: fonts, htmx and the script modules.
import { cpSync, mkdirSync, rmSync } from "node:fs";

const out = "dist/assets";
rmSync("dist", { recursive: true, force: true });
mkdirSync(out + "/fonts", { recursive: true });
const font = "node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-";
for (const cut of ["latin", "latin-ext"]) {
  cpSync(`${font}${cut}-wght-normal.woff2`, `${out}/fonts/atkinson-${cut}.woff2`);
}
cpSync("node_modules/@fontsource-variable/atkinson-hyperlegible-next/LICENSE", `${out}/fonts/LICENSE`);
cpSync("node_modules/htmx.org/dist/htmx.min.js", `${out}/htmx.js`);
for (const script of ["nut.js", "keys.js", "typed.js"]) {
  cpSync(`scripts/${script}`, `${out}/${script}`);
}
