import { useCallback, useEffect, useState } from 'react';

/** Reads moves aloud with a voice of the browser's, where it has one. */
export function useSpeech(text: string): { able: boolean; on: boolean; toggle: () => void } {
  const voice = typeof window !== 'undefined' && 'speechSynthesis' in window ? window.speechSynthesis : undefined;
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!voice || !on || text === '') {
      return;
    }
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en';
    said.rate = 0.95;
    voice.cancel();
    voice.speak(said);
    return () => voice.cancel();
  }, [voice, on, text]);
  const toggle = useCallback(() => setOn((was) => !was), []);
  return { able: voice !== undefined, on, toggle };
}
