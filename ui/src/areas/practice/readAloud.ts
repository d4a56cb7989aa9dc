/** Whether this browser can speak. */
export const canSpeak = (): boolean => "speechSynthesis" in window;

/** Says it with the browser's own voice, in place of what it is saying. */
export function readAloud(text: string): void {
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}

export const stopReading = (): void => {
  if (canSpeak()) speechSynthesis.cancel();
};
