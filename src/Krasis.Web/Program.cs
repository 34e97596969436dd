using Krasis.Store;
using Krasis.Web.Hosting;

try
{
    var app = KrasisApp.Create(KrasisOptions.From(args));
    await app.RunAsync().ConfigureAwait(false);
    return 0;
}
catch (Exception e) when (e is KrasisFileException or KrasisOptionsException)
{
    await Console.Error.WriteLineAsync($"Krasis cannot start: {e.Message}").ConfigureAwait(false);
    return 2;
}
catch (IOException e) when (e.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    await Console.Error.WriteLineAsync($"Krasis cannot start: {e.Message} Another program uses that port; choose another with --port.").ConfigureAwait(false);
    return 2;
}
