// Marks what the pages fetch by what stands in it: a page names it with the mark, and a browser keeps it for good.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";

const out = "dist/assets";
const style = readFileSync(`${out}/unbo.css`, "utf8").replaceAll("/assets/fonts/", "fonts/");
writeFileSync(`${out}/unbo.css`, style);
const hash = createHash("sha256");
for (const file of readdirSync(out, { recursive: true, withFileTypes: true }).filter((f) => f.isFile())) {
  hash.update(file.name).update(readFileSync(`${file.parentPath}/${file.name}`));
}
writeFileSync(`${out}/mark`, hash.digest("hex").slice(0, 12));
