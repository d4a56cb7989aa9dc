import fc from "fast-check";
import { readdirSync, readFileSync } from "node:fs";

/** What the API description says of the answers, and answers made up by it. */

interface Schema {
  $ref?: string;
  type?: string | string[];
  const?: unknown;
  enum?: unknown[];
  oneOf?: Schema[];
  allOf?: Schema[];
  format?: string;
  pattern?: string;
  minimum?: number;
  maximum?: number;
  minItems?: number;
  maxItems?: number;
  items?: Schema;
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: Schema | boolean;
  /** Where the description names no largest number. */
  most?: number;
}

interface Operation {
  responses?: Record<string, { content?: Record<string, { schema: Schema }> }>;
}

interface Description {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, Schema> };
}

const description = JSON.parse(readFileSync("docs/api/openapi.json", "utf8")) as Description;

const operations = Object.entries(description.paths).flatMap(([template, at]) =>
  Object.entries(at).map(([method, { responses }]) => ({
    method: method.toUpperCase(),
    template,
    form: (responses?.["200"] ?? responses?.["201"])?.content?.["application/json"]?.schema ?? null,
    fits: new RegExp(`^${template.replaceAll(/\{\w+\}/g, "[^/]+")}$`),
  })),
);

/** Which operation of the API a request is, as "GET /roster". */
export function operationOf(method: string, path: string): string {
  const found = operations.find((it) => it.method === method && it.fits.test(path));
  if (found === undefined) throw new Error(`the API has no ${method} ${path}`);

  return `${method} ${found.template}`;
}

/** What an operation answers as the API description has it, the same for the same seed; null where it answers no JSON. */
export function anAnswer(operation: string, seed: number): unknown {
  const form = operations.find((it) => `${it.method} ${it.template}` === operation)?.form ?? null;

  return form === null ? null : fc.sample(answersLike(form), { numRuns: 1, seed })[0];
}

const nameOf = (ref: string): string => ref.split("/").at(-1) ?? "";

const named = (ref: string): Schema => {
  const schema = description.components.schemas[nameOf(ref)];
  if (schema === undefined) throw new Error(`the API description has no ${ref}`);

  return schema;
};

/** Names as people and products have them: short, long, from right to left, with signs that mean something elsewhere. */
const words = fc.constantFrom(
  "Amina Haddad",
  "Chicken, eight pieces",
  "Þórdís Ólafsdóttir-Vilhjálmsdóttir",
  "نورا الهاشمي",
  "O’Brien & <b>Sons</b>",
  "",
  "1",
  "left-leg",
);

/** Few, so that what refers to something now and then finds it. */
const ids = fc.constantFrom(...Array.from({ length: 4 }, (_, index) => `0190f5a0-0000-7000-8000-00000000000${index + 1}`));
const days = fc.integer({ min: 0, max: 400 }).map((it) => new Date(Date.UTC(2026, 0, 1 + it)).toISOString().slice(0, 10));
const moments = fc.integer({ min: 0, max: 400 * 86_400 }).map((it) => new Date(Date.UTC(2026, 0, 1) + it * 1_000).toISOString());

/** Lists are short; what refers to itself ends. */
const MOST_ITEMS = 3;
const DEEPEST = 9;

/** Numbers are those of a class; masses those of a carcass, in mg. */
const MOST = 200;
const MOST_MG = 8_000_000;
const isMass = (name: string): boolean => name.endsWith("_mg");

/** Where the description says less than is known. */
const byName: Record<string, fc.Arbitrary<unknown>> = {
  time_zone: fc.constantFrom("Europe/Oslo", "Pacific/Auckland", "UTC"),
  moved: fc.dictionary(fc.constantFrom("service", "practical", "stock", "render", "mince", "staff", "waste"), fc.nat(MOST_MG)),
};

const read = (file: string): Record<string, unknown> =>
  JSON.parse(readFileSync(`core/standards/${file}`, "utf8")) as Record<string, unknown>;
const filesIn = (folder: string): string[] => readdirSync(`core/standards/${folder}`).filter((it) => it.endsWith(".json"));

/** Documents refer to themselves throughout: those that ship. */
const documents: Record<string, fc.Arbitrary<unknown>> = {
  Standard: fc.constantFrom(
    ...filesIn("")
      .map(read)
      // Others build on the carcass of another file, which the server puts together.
      .flatMap(({ carcass, ...it }) => (typeof carcass === "string" ? [{ ...it, carcass: read(`carcasses/${carcass}.json`) }] : [])),
  ),
  Policy: fc.constantFrom(...filesIn("policies").map((it) => read(`policies/${it}`))),
};

/** Anything that has this form. */
function answersLike(schema: Schema, depth = 0): fc.Arbitrary<unknown> {
  if (schema.$ref !== undefined) return documents[nameOf(schema.$ref)] ?? answersLike(named(schema.$ref), depth);
  if ("const" in schema) return fc.constant(schema.const);
  if (schema.enum !== undefined) return fc.constantFrom(...schema.enum);
  if (schema.oneOf !== undefined) return fc.oneof(...schema.oneOf.map((it) => answersLike(it, depth)));
  if (schema.allOf?.[0] !== undefined) return answersLike(schema.allOf[0], depth);
  if (Array.isArray(schema.type)) return fc.oneof(...schema.type.map((type) => answersLike({ ...schema, type }, depth)));

  switch (schema.type) {
    case "string":
      return textLike(schema);
    case "integer":
      return fc.integer({ min: schema.minimum ?? 0, max: schema.maximum ?? schema.most ?? (schema.minimum ?? 0) + MOST });
    case "number":
      return fc.double({ min: schema.minimum ?? 0, max: schema.maximum ?? 100, noNaN: true });
    case "boolean":
      return fc.boolean();
    case "null":
      return fc.constant(null);
    case "array": {
      const least = schema.minItems ?? 0;
      const most = depth > DEEPEST ? least : Math.max(least, Math.min(schema.maxItems ?? MOST_ITEMS, MOST_ITEMS));

      return fc.array(answersLike(schema.items ?? {}, depth + 1), { minLength: least, maxLength: most });
    }
    case undefined:
    case "object":
      return objectsLike(schema, depth);
    default:
      throw new Error(`nothing is made up for ${schema.type}`);
  }
}

function textLike({ format, pattern }: Schema): fc.Arbitrary<string> {
  if (format === "uuid") return ids;
  if (format === "date") return days;
  if (format === "date-time") return moments;
  if (pattern === undefined) return words;
  const fits = new RegExp(pattern);

  return (
    [ids, days, moments].find((them) => fc.sample(them, { numRuns: 5, seed: 1 }).every((it) => fits.test(it))) ?? fc.stringMatching(fits)
  );
}

function objectsLike({ properties = {}, required = [], additionalProperties }: Schema, depth: number): fc.Arbitrary<unknown> {
  if (typeof additionalProperties === "object")
    return fc.dictionary(fc.oneof(ids, words), answersLike(additionalProperties, depth + 1), { maxKeys: MOST_ITEMS });
  const fields = Object.fromEntries(
    Object.entries(properties).map(([name, it]) => [
      name,
      byName[name] ?? answersLike({ ...it, ...(isMass(name) && { most: MOST_MG }) }, depth + 1),
    ]),
  );

  return fc.record(fields, { requiredKeys: required.filter((it) => it in fields) });
}
