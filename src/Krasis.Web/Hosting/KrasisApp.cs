using System.IO.Compression;
using Krasis.App.Builds;
using Krasis.App.Files;
using Krasis.App.Making;
using Krasis.App.Prep;
using Krasis.App.Seeding;
using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Web.Json;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.AspNetCore.Routing.Constraints;

namespace Krasis.Web.Hosting;

/// <summary>Puts the program together.</summary>
public static class KrasisApp
{
    // A connection that somebody has left half open must not hold up the end; whatever is being saved takes
    // milliseconds.
    private static readonly TimeSpan PatienceAtEnd = TimeSpan.FromSeconds(5);

    /// <summary>Opens the data file and makes the web application, ready to be started.</summary>
    /// <exception cref="KrasisFileException">The data file cannot be used.</exception>
    public static WebApplication Create(KrasisOptions options)
    {
        var file = KrasisFile.Open(options.DataFile, options.Clock, options.CopiesFolder);
        Seeder.FillIfFresh(file, options.Demo, options.Clock);
        new RecordOlderStandards(file, options.Clock).Run();

        var builder = WebApplication.CreateSlimBuilder(
            new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory, WebRootPath = "wwwroot" }
        );
        // A start that fails is told in a sentence by whoever started it, not in a page of stack.
        builder
            .Logging.SetMinimumLevel(LogLevel.Warning)
            .AddFilter("Microsoft.Extensions.Hosting.Internal.Host", LogLevel.None)
            .AddSimpleConsole();
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(options.Listen, options.Port);
            kestrel.Limits.MaxRequestBodySize = RequestLimits.Largest;
            kestrel.AddServerHeader = false;
        });
        builder.Services.AddSingleton(file);
        builder.Services.AddHttpContextAccessor();
        builder.Services.AddSingleton<Library>();
        builder.Services.AddSingleton<HouseSheets>();
        builder.Services.AddSingleton<Board>();
        builder.Services.AddSingleton<StandardNeeds>();
        builder.Services.AddSingleton<BundleShelf>();
        builder.Services.AddSingleton(new UnpackingBudget(BundleFile.LargestContent));
        builder.Services.AddSingleton<WorkedOut>();
        builder.Services.AddResponseCompression(compression =>
            compression.MimeTypes = [
                .. ResponseCompressionDefaults.MimeTypes,
                "image/svg+xml",
                "application/problem+json",
            ]
        );
        builder.Services.Configure<BrotliCompressionProviderOptions>(brotli => brotli.Level = CompressionLevel.Fastest);
        builder.Services.AddSingleton(options);
        AddUseCases(builder.Services);
        builder.Services.AddSingleton<SameAnswer>();
        builder.Services.AddSingleton(options.Clock);
        builder.Services.Configure<RouteOptions>(routes =>
            routes.SetParameterPolicy<RegexInlineRouteConstraint>("regex")
        );
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.ConfigureHttpJsonOptions(json => KrasisJson.Configure(json.SerializerOptions));
        builder.Services.AddExceptionHandler<BadRequests>();
        builder.Services.AddExceptionHandler<DataFileProblems>();
        builder.Services.AddProblemDetails(problems => problems.CustomizeProblemDetails = BadRequests.Explain);
        // A lambda, not a method group: only so does the generator find the call and bring in the XML comments.
        builder.Services.AddOpenApi(options => MeasuredSchemas.Describe(options));
        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = PatienceAtEnd);
        if (options.CopyEvery is { } every)
        {
            builder.Services.AddHostedService(services => new TimedCopies(
                file,
                every,
                options.CopiesKept,
                options.Clock,
                services.GetRequiredService<ILogger<TimedCopies>>()
            ));
        }

        var app = builder.Build();
        file.WhoWrites = new RequestPerson(app.Services.GetRequiredService<IHttpContextAccessor>()).Name;
        app.Use(FrontEnd.Protect);
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.Use(new Gate(options.Hosts).Handle);
        app.UseResponseCompression();
        app.Use(BadRequests.KeepBody);
        app.Use(app.Services.GetRequiredService<SameAnswer>().Answer);
        FrontEnd.Serve(app);
        app.MapOpenApi();
        MapFeatures(app);
        app.Lifetime.ApplicationStarted.Register(() => Announce(app, file));

        // The first page need not wait for every build to be worked out.
        app.Lifetime.ApplicationStarted.Register(() =>
            _ = Task.Run(() => app.Services.GetRequiredService<Library>().On(options.Clock.Today()))
        );
        return app;
    }

    // Every use case of the application layer, by the type that the endpoints ask for.
    private static void AddUseCases(IServiceCollection services)
    {
        foreach (var type in typeof(IUseCase).Assembly.GetTypes())
        {
            if (type is { IsClass: true, IsAbstract: false } && type.IsAssignableTo(typeof(IUseCase)))
            {
                services.AddSingleton(type);
            }
        }
    }

    private static void MapFeatures(WebApplication app)
    {
        var routes = app.MapGroup("").AddEndpointFilter(HttpAnswers.TellVersion);
        foreach (var type in typeof(KrasisApp).Assembly.GetTypes())
        {
            if (type is { IsClass: true, IsAbstract: false } && type.IsAssignableTo(typeof(IEndpoints)))
            {
                ((IEndpoints)ActivatorUtilities.CreateInstance(app.Services, type)).Map(routes);
            }
        }
    }

    private static void Announce(WebApplication app, KrasisFile file)
    {
        var addresses = app.Services.GetRequiredService<IServer>().Features.Get<IServerAddressesFeature>()!.Addresses;
        Console.WriteLine($"Krasis answers at {string.Join(", ", addresses)}");
        Console.WriteLine($"Its data is in {file.Path}");
    }
}
