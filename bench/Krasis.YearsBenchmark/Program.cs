using Krasis.Browser.Tests;
using Krasis.LibraryBenchmark;
using Krasis.YearsBenchmark;

// Measures over HTTP what a lead waits for after three years of a busy café: bench/years. Times are medians; sizes are as
// they go over the wire (br).
using var server = new KrasisProcess(demo: true);
Console.WriteLine(BusyYears.Fill(server.DataFile));
server.KillAndStartAgain();
using var krasis = new Client(server.Address);
foreach (
    var (name, path) in new[]
    {
        ("stock", "/api/prep/stock"),
        ("plan", "/api/prep/plan"),
        ("order", "/api/prep/order"),
        ("expected cups", "/api/prep/expected"),
        ("past days", "/api/prep/past"),
        ("shortages", "/api/prep/short"),
        ("calendar", "/api/prep/calendar.ics"),
        ("what was poured", "/api/poured?days=90"),
        ("library", "/api/builds"),
    }
)
{
    var answer = await krasis.Ask(HttpMethod.Get, path, encoding: "br");
    var took = await krasis.Median(7, client => client.Ask(HttpMethod.Get, path, encoding: "br"));
    Console.WriteLine($"{name}: {took:0} ms, {answer.Length / 1000.0:0} kB");
}

var began = System.Diagnostics.Stopwatch.GetTimestamp();
var house = await krasis.Ask(HttpMethod.Get, "/api/files/house.krasis");
Console.WriteLine(
    $"the whole house: {System.Diagnostics.Stopwatch.GetElapsedTime(began).TotalSeconds:0.0} s, {house.Length / 1e6:0.0} MB"
);
Console.WriteLine($"memory of the program: {server.MemoryMegabytes:0} MB");
