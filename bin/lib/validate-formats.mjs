// validate-formats: the API description against the OpenAPI specification, and the published JSON Schemas with a second validator (the first is the
// one of the PHP tests): each is a schema, accepts the example beside it, and refuses a broken one.
import { readdirSync, readFileSync } from "node:fs";
import { Validator } from "@seriousme/openapi-schema-validator";
import Ajv from "ajv/dist/2020.js";

const read = (path) => JSON.parse(readFileSync(path, "utf8"));
let wrong = 0;
const tell = (what, problem) => {
  wrong += problem === null ? 0 : 1;
  process.stdout.write(`${problem === null ? "ok   " : "WRONG"} ${what}${problem === null ? "" : `: ${problem}`}\n`);
};

const described = await new Validator().validate(read("docs/api/openapi.json"));
tell("docs/api/openapi.json is OpenAPI", described.valid ? null : JSON.stringify(described.errors).slice(0, 2_000));

const example = read("docs/formats/example.json");
const lots = read("docs/formats/lots.example.json");
for (const [name, document, broken] of [
  ["assessment", example.package, { ...example.package, standard: { ...example.package.standard, time: { standard_ms: 1 } } }],
  ["result", example.result, { ...example.result, attempts: [{ id: "a" }] }],
  ["lots", lots, { ...lots, facts: [{ ...lots.facts[0], mass_mg: 0 }] }],
]) {
  const check = new Ajv({ strict: true, strictTypes: false, strictRequired: false, allErrors: true }).compile(
    read(`docs/formats/${name}.schema.json`),
  );
  tell(`${name}: the example is accepted`, check(document) ? null : JSON.stringify(check.errors).slice(0, 1_000));
  tell(`${name}: a broken one is refused`, check(broken) ? "it was accepted" : null);
}
for (const file of readdirSync("docs/formats/compute").filter((it) => it.endsWith(".schema.json"))) {
  const check = new Ajv({ strict: true, strictTypes: false, strictRequired: false, allErrors: true }).compile(
    read(`docs/formats/compute/${file}`),
  );
  const question = file.split(".")[0];
  if (file === `${question}.in.schema.json`) {
    const asked = read(`docs/formats/compute/${question}.example.json`);
    tell(`${question}: the example is accepted`, check(asked) ? null : JSON.stringify(check.errors).slice(0, 1_000));
    tell(`${question}: a broken one is refused`, check({ ...asked, extra: 1 }) ? "it was accepted" : null);
  }
}
process.exit(wrong === 0 ? 0 : 1);
