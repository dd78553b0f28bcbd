// Copies what the application serves from inside itself: fonts, htmx and the script modules.
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { build } from "esbuild";
import wawoff2 from "wawoff2";

const out = "dist/assets";
rmSync("dist", { recursive: true, force: true });
mkdirSync(out + "/fonts", { recursive: true });
const font = "node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-";
for (const cut of ["latin", "latin-ext"]) {
  cpSync(`${font}${cut}-wght-normal.woff2`, `${out}/fonts/atkinson-${cut}.woff2`);
}
cpSync("node_modules/@fontsource-variable/atkinson-hyperlegible-next/LICENSE", `${out}/fonts/LICENSE`);
// Paper: one plain stylesheet for the printed page and the PDF; drawings carry their part of it with them.
cpSync("drawing.css", `${out}/drawing.css`);
writeFileSync(`${out}/print.css`, readFileSync("print.css", "utf8") + readFileSync("drawing.css", "utf8"));
for (const weight of [400, 700]) {
  const woff2 = readFileSync(
    `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff2`,
  );
  writeFileSync(`${out}/fonts/atkinson-${weight}.ttf`, await wawoff2.decompress(woff2));
}
// What Atkinson's cut lacks on paper: Greek letters, arrows, signs of arithmetic.
cpSync("node_modules/dejavu-fonts-ttf/ttf/DejaVuSans.ttf", `${out}/fonts/signs.ttf`);
cpSync("node_modules/dejavu-fonts-ttf/LICENSE", `${out}/fonts/LICENSE-signs`);
cpSync("node_modules/htmx.org/dist/htmx.min.js", `${out}/htmx.js`);
for (const script of readdirSync("scripts")) {
  cpSync(`scripts/${script}`, `${out}/${script}`);
}
// What every page has comes as one file; what a page needs besides is fetched when it is there.
await build({
  entryPoints: ["scripts/main.js"],
  outfile: `${out}/main.js`,
  allowOverwrite: true,
  bundle: true,
  minify: true,
  format: "esm",
  legalComments: "none",
});
