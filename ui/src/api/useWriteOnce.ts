import { useMutation, type UseMutationOptions } from "@tanstack/react-query";
import { useRef } from "react";
import { v7 as uuid } from "uuid";

type Options<Answer, Said> = Omit<UseMutationOptions<Answer, Error, Said>, "mutationFn">;

/**
 * A write under an id this screen makes. Where its answer was lost, the same said again goes up under the same id, and is written once; what is said
 * otherwise, or anew after it was taken, has an id of its own.
 *
 * @param write sends what is said under an id
 */
export function useWriteOnce<Answer, Said>(write: (said: Said, id: string) => Promise<Answer>, options: Options<Answer, Said> = {}) {
  const sent = useRef<{ id: string; text: string } | null>(null);

  return useMutation({
    ...options,
    mutationFn: async (said: Said): Promise<Answer> => {
      const text = JSON.stringify(said);
      const going = sent.current?.text === text ? sent.current : { id: uuid(), text };
      sent.current = going;
      const answered = await write(said, going.id);
      if (sent.current === going) sent.current = null;

      return answered;
    },
  });
}
