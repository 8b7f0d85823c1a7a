// Reads a glTF file by the Khronos validator: prints how many triangles it has, or what is wrong with it.
import { readFileSync } from "node:fs";
import validator from "gltf-validator";

const report = await validator.validateBytes(new Uint8Array(readFileSync(process.argv[2])));
const { numErrors, numWarnings } = report.issues;
if (numErrors + numWarnings > 0) {
  console.log(JSON.stringify(report.issues.messages));
  process.exit(1);
}
console.log(report.info.totalTriangleCount);
