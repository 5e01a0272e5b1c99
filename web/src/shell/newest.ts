/** Of questions asked one after another, only the answer to the newest counts. */
export function toNewest() {
  let asked = 0;
  /** Tells later whether nothing newer was asked, or forgotten, since. */
  const still = () => {
    const mine = asked;
    return () => mine === asked;
  };
  return {
    still,
    ask() {
      asked++;
      return still();
    },
    /** Answers still on their way are of what does not stand there any more. */
    forget() {
      asked++;
    },
  };
}
