const LOOK_SELDOM_MS = 15_000;

/** A device that follows a class as the screen does, told of what is new, and fetching it where it was not told all; it tells of each capture it comes to know. */
export async function follow(baseURL, session, assessment, onCapture) {
  let after = (await session.get(`/assessments/${assessment}/captures`)).next;
  let isLooking = false;
  let isAsked = false;
  const look = async () => {
    isAsked = true;
    if (isLooking) return;
    isLooking = true;
    while (isAsked) {
      isAsked = false;
      const news = await session.get(`/assessments/${assessment}/captures?after=${after}`);
      after = Math.max(after, news.next);
      for (const { capture } of news.captures) onCapture(capture);
    }
    isLooking = false;
  };
  const stop = await listen(baseURL, session, assessment, (news) => {
    if (news.seq <= after) return;
    if (news.station === null || news.before !== after) return void look();
    after = news.seq;
    for (const { capture } of news.captures) onCapture(capture);
  });
  const seldom = setInterval(() => void look(), LOOK_SELDOM_MS);

  return () => {
    clearInterval(seldom);
    stop();
  };
}

/** Listens to what is pushed of a class; resolves once it is heard. */
export async function listen(baseURL, session, assessment, onStands) {
  const ending = new AbortController();
  const { status, body } = await fetch(`${baseURL}/live/class/${assessment}`, {
    headers: { Accept: "text/event-stream", Cookie: session.cookie(), Referer: baseURL },
    signal: ending.signal,
  });
  if (status !== 200) throw new Error(`/live/class: ${status}`);
  const read = async () => {
    let text = "";
    for await (const bytes of body) {
      text += Buffer.from(bytes).toString();
      for (let end = text.indexOf("\n\n"); end !== -1; end = text.indexOf("\n\n")) {
        const event = text.slice(0, end);
        text = text.slice(end + 2);
        const said = /^event: stands$/m.test(event) && /^data: (.*)$/m.exec(event)?.[1];
        if (said) onStands(JSON.parse(said));
      }
    }
  };
  read().catch(() => undefined);

  return () => ending.abort();
}
