import type { Request, Response } from "express";
import multer, { MulterError } from "multer";
import { LARGEST_FILE } from "../bring/files.ts";
import { Refusal } from "../refusal.ts";

const FILES = 30;

const upload = multer({ storage: multer.memoryStorage(), limits: { fileSize: LARGEST_FILE, files: FILES, fields: 10, fieldSize: 500_000 } }).array(
  "files",
  FILES,
);

/** Takes the files of a form into memory; refuses what is too large or too many. */
export function received(req: Request, res: Response): Promise<void> {
  return new Promise((done, fail) => {
    upload(req, res, (error: unknown) => {
      if (error instanceof MulterError)
        fail(
          error.code === "LIMIT_FILE_SIZE"
            ? new Refusal(413, "A file is larger than 20 MB", "Bring the pages that matter, or paste their text. Nothing was changed.")
            : new Refusal(400, "That is too much at once", `Bring ${FILES} files at most. Nothing was changed.`),
        );
      else if (error) fail(error instanceof Error ? error : new Error("the upload broke off"));
      else done();
    });
  });
}

/** A file's name as it was given; browsers send it in UTF-8, which the parser takes for Latin-1. */
export const nameOf = (f: Express.Multer.File): string => Buffer.from(f.originalname, "latin1").toString("utf8").slice(0, 120);
