import { Problem } from "./problem";

/** A document out of a file, for the server to read; a problem where the file holds none. */
export async function readDocument<Document>(file: File): Promise<Document> {
  try {
    return JSON.parse(await file.text()) as Document;
  } catch {
    throw new Problem({ title: "Not a document", detail: "This file is not JSON. Choose one that was exported here.", errors: [] }, 422);
  }
}
