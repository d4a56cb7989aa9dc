/** A session with its cookies, as a browser holds them. `get` and `post` speak to the API and answer what it says, decoded; a refusal throws. */
export async function signIn(baseURL, account) {
  const cookies = new Map();
  const cookie = () => [...cookies].map(([key, value]) => `${key}=${value}`).join("; ");
  const call = async (method, path, body) => {
    const token = cookies.get("XSRF-TOKEN");
    const response = await fetch(`${baseURL}${path}`, {
      method,
      headers: {
        Accept: "application/json",
        Referer: baseURL,
        "Content-Type": "application/json",
        Cookie: cookie(),
        ...(token === undefined ? {} : { "X-XSRF-TOKEN": decodeURIComponent(token) }),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    for (const cookie of response.headers.getSetCookie()) {
      const [pair] = cookie.split(";");
      cookies.set(pair.slice(0, pair.indexOf("=")), pair.slice(pair.indexOf("=") + 1));
    }
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);

    return response.status === 204 ? null : response.json();
  };
  await call("GET", "/sanctum/csrf-cookie");
  await call("POST", "/api/v1/session", { email: `${account}@tollgate-quay.example`, password: "larder-week" });

  return { cookie, get: (path) => call("GET", `/api/v1${path}`), post: (path, body) => call("POST", `/api/v1${path}`, body) };
}
