using System.Collections.Concurrent;
using System.Net;
using System.Net.Sockets;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Tests;
using Microsoft.AspNetCore.Builder;

namespace Krasis.Browser.Tests;

/// <summary>Runs the server in the test process, on a real port and with the published front end. Starting a separate
/// process for each test takes longer than most tests do, because the runtime compiles the program again each time.</summary>
public class KrasisHost : RunningKrasis
{
    private static readonly ConcurrentStack<int> Ports = [];
    private static readonly CancellationToken AtOnce = new(canceled: true);

    private readonly IReadOnlyList<string> more;
    private WebApplication? app;

    static KrasisHost()
    {
        Environment.SetEnvironmentVariable(TestClock.Permission, "1");
        var pages = Path.Combine(AppContext.BaseDirectory, "wwwroot");
        if (!Directory.Exists(pages))
        {
            Directory.CreateSymbolicLink(
                pages,
                Path.Combine(Path.GetDirectoryName(KrasisProcess.Program())!, "wwwroot")
            );
        }
    }

    /// <param name="demo">Whether it begins with the demo's bar instead of a plain one.</param>
    /// <param name="more">More words behind the program's name.</param>
    public KrasisHost(bool demo = false, params IReadOnlyList<string> more)
    {
        this.more = more;
        if (demo)
        {
            DemoFile.CopyTo(DataFile);
        }

        // A browser that has used this port before has the front end in its cache.
        Start(Ports.TryPop(out var port) && IsFree(port) ? port : 0);
    }

    public override void TakeDown()
    {
        if (app is null)
        {
            return;
        }

        app.StopAsync(AtOnce).GetAwaiter().GetResult();
        app.DisposeAsync().AsTask().GetAwaiter().GetResult();
        app = null;
        KrasisFile.LetGo(DataFile);
    }

    public override void StartAgain() => Start(Address.Port);

    protected override void Release() => Ports.Push(Address.Port);

    private void Start(int port)
    {
        app = KrasisApp.Create(KrasisOptions.From(CommandLine(port, more)));
        app.StartAsync().GetAwaiter().GetResult();
        Address = new Uri(app.Urls.Single());
    }

    private static bool IsFree(int port)
    {
        try
        {
            using var listener = new TcpListener(IPAddress.Loopback, port);
            listener.Start();
            return true;
        }
        catch (SocketException)
        {
            return false;
        }
    }
}
