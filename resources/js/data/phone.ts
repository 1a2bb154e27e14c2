/** What a page needs soon after it stands, fetched then: sending what waits, and the engine with its houses. */
export { engine } from "./engine";
export { Pocket } from "./pocket";
export { sendFor } from "./sender";
export { takePages } from "./take";
