/**
 * Runs tasks in their order, each once all it comes `after` went well, while it finds its `places` (one unless it says
 * more or none) among those there are. `done` is called with each task and its result. Answers the results by name;
 * a task that could not be run has none.
 */
export async function runTasks(tasks, places, done) {
  const results = new Map();
  const waiting = [...tasks];
  const running = new Set();
  const dropped = new Set();
  let free = places;
  const failedBefore = ({ after = [] }) => after.some((name) => results.get(name)?.ok === false || dropped.has(name));
  const ready = ({ after = [], places: needs = 1 }) => needs <= free && after.every((name) => results.get(name)?.ok);

  for (;;) {
    for (const task of [...waiting]) {
      if (failedBefore(task)) dropped.add(task.name);
      else if (!ready(task)) continue;
      waiting.splice(waiting.indexOf(task), 1);
      if (dropped.has(task.name)) continue;
      const needs = task.places ?? 1;
      free -= needs;
      const began = Date.now();
      const work = task.work().then((result) => {
        const whole = { ...result, seconds: (Date.now() - began) / 1000 };
        results.set(task.name, whole);
        free += needs;
        running.delete(work);
        done(task, whole);
      });
      running.add(work);
    }
    if (running.size === 0) return results;
    await Promise.race(running);
  }
}
