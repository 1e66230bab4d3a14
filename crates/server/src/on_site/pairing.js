// Sends the code with the device's name; a code that was scanned stands in the address behind the #, which is never sent.
const form = document.getElementById("pairing");
const problem = document.getElementById("problem");
const scanned = decodeURIComponent(window.location.hash.slice(1));
if (scanned !== "") {
  form.elements.namedItem("code").value = scanned;
  window.history.replaceState(null, "", "/pairing");
  form.elements.namedItem("name").focus();
} else {
  form.elements.namedItem("code").focus();
}
form.addEventListener("submit", async (event) => {
  event.preventDefault();
  const button = form.querySelector("button");
  button.disabled = true;
  problem.textContent = "";
  const typed = Object.fromEntries(new FormData(form));
  try {
    const answer = await fetch("/api/pairing", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(typed),
    });
    if (answer.ok) window.location.replace("/");
    else problem.textContent = (await answer.json()).detail;
  } catch {
    problem.textContent = form.dataset.silent;
  }
  button.disabled = false;
});
